<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * A title taken apart for changing its letter case: words, and everything between them left as it is.
 *
 * Words inside `<span class="nocase">` are never changed; `<i>` and quotation marks do not part words from their place
 * in the title.
 */
final class TitleTokens
{
    private const TOKEN = '~(</?i>|<span class="nocase">|</span>)|([\p{L}\p{N}][\p{L}\p{N}\p{M}\'’.&]*(?<![.])|[\p{L}\p{N}])|([^\p{L}\p{N}<]+|<)~u';

    /**
     * Rewrites each word of a title.
     *
     * @param  callable(string $word, TitleWord $place): string  $rewrite
     */
    public static function rewrite(string $title, callable $rewrite): string
    {
        preg_match_all(self::TOKEN, $title, $tokens, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
        $words = array_keys(array_filter($tokens, static fn (array $token): bool => $token[2] !== null));
        $lastWord = $words === [] ? -1 : $words[count($words) - 1];
        $out = '';
        $fixed = false;
        $opens = true;
        $between = '';
        foreach ($tokens as $i => $token) {
            if ($token[1] !== null) {
                $fixed = match ($token[1]) {
                    '<span class="nocase">' => true,
                    '</span>' => false,
                    default => $fixed,
                };
                $out .= $token[0];

                continue;
            }
            if ($token[2] === null) {
                $between .= $token[0];
                $opens = $opens || preg_match('/[:?!—][”’"\')]*\s|—|\.\s+$/u', $token[0]) === 1;
                $out .= $token[0];

                continue;
            }
            $hyphened = preg_match('/^[-‐‑]$/u', $between) === 1;
            $next = self::next($tokens, $i);
            $opensInner = preg_match('/(?:^|[\s(—–-])[“‘"\'<]+$/u', $between) === 1 || str_ends_with($out, '<i>');
            $place = new TitleWord($opens, $opensInner, $i === $lastWord, $hyphened, $next['hyphened'], $next['word']);
            $out .= $fixed ? $token[2] : $rewrite((string) $token[2], $place);
            $opens = false;
            $between = '';
        }

        return $out;
    }

    /**
     * @param  list<array<int, ?string>>  $tokens
     * @return array{word: string, hyphened: bool} the word that follows, and whether only a hyphen stands between
     */
    private static function next(array $tokens, int $from): array
    {
        $between = '';
        for ($i = $from + 1; isset($tokens[$i]); $i++) {
            if ($tokens[$i][2] !== null) {
                return ['word' => $tokens[$i][2], 'hyphened' => preg_match('/^[-‐‑]$/u', $between) === 1];
            }
            $between .= $tokens[$i][3] ?? '';
        }

        return ['word' => '', 'hyphened' => false];
    }
}
