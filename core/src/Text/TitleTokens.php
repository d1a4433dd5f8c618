<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * A title taken apart for changing its letter case: its words, and what stands between them, which stays as it is.
 *
 * Words inside `<span class="nocase">` are one word that is never changed; `<i>` and quotation marks do not part words
 * from their place in the title.
 */
final class TitleTokens
{
    private const WORD = '~(<span class="nocase">.*?</span>'
        .'|</?(?:i|em|b|strong|sub|sup|sc|scp|small|span)(?: [^<>]*)?>'
        .'|[\p{L}\p{N}](?:[\p{L}\p{N}\p{M}\'’.&]*[\p{L}\p{N}\p{M}\'’&])?)~us';

    private const PLAIN = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz ';

    private const HYPHENS = ['-' => true, '‐' => true, '‑' => true];

    /** Words whose full stop ends no sentence, besides single letters. */
    private const ABBREVIATED = [
        'vs' => true, 'dr' => true, 'mr' => true, 'mrs' => true, 'ms' => true, 'st' => true, 'jr' => true, 'sr' => true,
        'no' => true, 'vol' => true, 'mt' => true, 'ft' => true, 'co' => true, 'inc' => true, 'ed' => true,
        'pt' => true,
        'prof' => true, 'rev' => true, 'gen' => true, 'ca' => true, 'al' => true,
    ];

    /** @var list<string> */
    public readonly array $words;

    /** @var array<int, string> what stands before each word, and after the last */
    public readonly array $between;

    public readonly int $last;

    /** Whether it has plain words and spaces only, so that nothing in it opens but its first word. */
    public readonly bool $isPlain;

    public function __construct(string $title)
    {
        $this->isPlain = strspn($title, self::PLAIN) === strlen($title) && ! str_contains($title, '  ') && $title !== ''
            && $title[0] !== ' ' && $title[-1] !== ' ';
        if ($this->isPlain) {
            $this->words = explode(' ', $title);
            $this->last = count($this->words) - 1;
            $between = array_fill(0, $this->last + 2, ' ');
            $between[0] = $between[$this->last + 1] = '';
            $this->between = $between;

            return;
        }
        // Even places hold what stands between, odd ones a word or a piece of markup.
        $parts = preg_split(self::WORD, $title, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [$title];
        $words = [];
        $between = [''];
        foreach ($parts as $i => $part) {
            $isWord = $i % 2 === 1 && ($part[0] !== '<' || str_starts_with($part, '<span class="nocase">'));
            if ($isWord) {
                $words[] = $part;
                $between[] = '';
            } else {
                $between[count($words)] .= $part;
            }
        }
        $this->words = $words;
        $this->between = array_values($between);
        $this->last = count($words) - 1;
    }

    /** Whether a word is kept as it is whatever the case: it stands in a span for that. */
    public function isHeld(int $i): bool
    {
        return $this->words[$i][0] === '<';
    }

    /** Whether a word is the first of the title or of its subtitle. */
    public function opens(int $i): bool
    {
        return $i === 0 || $this->partsAt($i);
    }

    /** Whether a word is the last before a subtitle, or of the title. */
    public function closes(int $i): bool
    {
        return $i === $this->last || $this->partsAt($i + 1);
    }

    /** Whether a word is the first of a title inside the title. */
    public function opensInner(int $i): bool
    {
        $between = $this->between[$i];

        return $between !== ' ' && $between !== '' && ! isset(self::HYPHENS[$between])
            && preg_match('/(?:^|[\s(—–-])[“‘"\']+(?:<i>)?$|<i>[“‘"\']*$/u', $between) === 1;
    }

    public function afterHyphen(int $i): bool
    {
        return isset(self::HYPHENS[$this->between[$i]]);
    }

    public function beforeHyphen(int $i): bool
    {
        return isset(self::HYPHENS[$this->between[$i + 1]]);
    }

    /** Whether nothing but a space stands before a word. */
    public function follows(int $i): bool
    {
        return $this->between[$i] === ' ';
    }

    /**
     * The title with other words.
     *
     * @param  array<int, string>  $words  one for each word
     */
    public function with(array $words): string
    {
        if ($this->isPlain) {
            return implode(' ', $words);
        }
        $title = $this->between[0];
        foreach ($words as $i => $word) {
            $title .= $word.$this->between[$i + 1];
        }

        return $title;
    }

    /** Whether a new part of the title begins before a word: after a colon, a question mark, a dash. */
    private function partsAt(int $i): bool
    {
        $between = $this->between[$i];
        if ($between === ' ' || isset(self::HYPHENS[$between])) {
            return false;
        }

        return $between[0] === '.' && trim($between, '. ') === ''
            ? $this->isSentenceEnd($i)
            : preg_match('/[:?!—][”’"\')]*(?:<[^>]*>)*\s|—|\.[”’"\')]*(?:<[^>]*>)*\s+$/u', $between) === 1;
    }

    /** Whether the full stop before a word ends a sentence, and no abbreviation or initial. */
    private function isSentenceEnd(int $i): bool
    {
        $before = $this->words[$i - 1] ?? '';
        // A letter that counts volumes closes their name: "Vol. A. The Gates".
        $isCounted = in_array(strtolower($this->words[$i - 2] ?? ''), ['vol', 'no', 'part', 'book', 'series'], true);
        $isAbbreviated = isset(self::ABBREVIATED[strtolower($before)]) || str_contains($before, '.');

        return ! $isAbbreviated && (mb_strlen($before) > 1 || ctype_digit($before) || $isCounted);
    }
}
