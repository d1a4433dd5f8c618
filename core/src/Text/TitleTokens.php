<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * A title taken apart for changing its letter case: words, and everything between them left as it is.
 *
 * Words inside `<span class="nocase">` are never changed; `<i>` and quotation marks do not part words from their place
 * in the title.
 */
final readonly class TitleTokens
{
    private const WORD = '~(<span class="nocase">.*?</span>|</?i>|[\p{L}\p{N}](?:[\p{L}\p{N}\p{M}\'’.&]*[\p{L}\p{N}\p{M}\'’&])?)~us';

    private const PLAIN = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz ';

    private const HYPHENS = ['-' => true, '‐' => true, '‑' => true];

    public function __construct(private string $title)
    {
    }

    /**
     * A title of plain words and spaces, as most are: nothing to look for between them.
     *
     * @param  callable(string $word, TitleWord $place, string $next): string  $rewrite
     */
    private static function plain(string $title, callable $rewrite): string
    {
        $words = explode(' ', $title);
        $last = count($words) - 1;
        while ($last >= 0 && $words[$last] === '') {
            $last--;
        }
        $before = true;
        foreach ($words as $n => $word) {
            if ($word !== '') {
                $words[$n] = $rewrite($word, self::place($before, $n === $last), $words[$n + 1] ?? '');
                $before = false;
            }
        }

        return implode(' ', $words);
    }

    /** The place of a word between spaces: one of four. */
    private static function place(bool $opens, bool $closes): TitleWord
    {
        static $places = [];

        return $places[(int) $opens][(int) $closes] ??= new TitleWord($opens, false, $closes, false, false);
    }

    /**
     * Whether something holds of a word of a title.
     *
     * @param  callable(string $word, TitleWord $place): bool  $holds
     */
    public function any(callable $holds): bool
    {
        if (strspn($this->title, self::PLAIN) !== strlen($this->title)) {
            $found = false;
            $this->rewrite(static function (string $word, TitleWord $place) use ($holds, &$found): string {
                $found = $found || $holds($word, $place);

                return $word;
            });

            return $found;
        }
        $opens = true;
        foreach (explode(' ', $this->title) as $word) {
            if ($word !== '' && $holds($word, self::place($opens, false))) {
                return true;
            }
            $opens = $opens && $word === '';
        }

        return false;
    }

    /**
     * Rewrites each word of a title.
     *
     * @param  callable(string $word, TitleWord $place, string $next): string  $rewrite
     */
    public function rewrite(callable $rewrite): string
    {
        if (strspn($this->title, self::PLAIN) === strlen($this->title)) {
            return self::plain($this->title, $rewrite);
        }
        // Even places hold what stands between, odd ones a word or a piece of markup.
        $parts = preg_split(self::WORD, $this->title, -1, PREG_SPLIT_DELIM_CAPTURE);
        if ($parts === false || count($parts) < 2) {
            return $this->title;
        }
        $words = [];
        for ($i = 1, $count = count($parts); $i < $count; $i += 2) {
            if ($parts[$i][0] !== '<' || str_starts_with($parts[$i], '<span')) {
                $words[] = $i;
            }
        }
        $last = count($words) - 1;
        $before = -1;
        foreach ($words as $n => $i) {
            $between = $i === $before + 2
                ? $parts[$i - 1]
                : implode('', array_slice($parts, $before + 1, $i - $before - 1));
            $next = $words[$n + 1] ?? -1;
            $plain = $between === ' ';
            $before = $i;
            if ($parts[$i][0] === '<') {
                continue;
            }
            $parts[$i] = $rewrite($parts[$i], new TitleWord(
                $n === 0 || ! $plain && preg_match('/[:?!—][”’"\')]*(?:<[^>]*>)?\s|—|\.\s+$/u', $between) === 1,
                ! $plain && preg_match('/(?:^|[\s(—–-])[“‘"\']+(?:<i>)?$|<i>[“‘"\']*$/u', $between) === 1,
                $n === $last,
                isset(self::HYPHENS[$between]),
                $next === $i + 2 && isset(self::HYPHENS[$parts[$i + 1]]),
            ), $next === -1 ? '' : $parts[$next]);
        }

        return implode('', $parts);
    }
}
