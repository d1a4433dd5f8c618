<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Keys that sort as a style orders entries: letter case and diacritics folded (ICU), an initial figure as if spelled
 * out, letter by letter (spaces ignored) or word by word (nothing precedes something).
 *
 * Source: MLA Handbook, 9th ed., 5.123–5.125; APA Publication Manual, 7th ed., 9.44.
 */
final class Collation
{
    /** Between the parts of a key: sorts before every letter, so that a shorter part comes first (Unicode, UTS 10). */
    private const BETWEEN = "\u{FFFE}";

    private const PLAIN = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz ';

    private readonly \Collator $letters;

    private readonly \NumberFormatter $figures;

    /** @var array<int, string> figures in words, since years come again and again */
    private array $spelled = [];

    public function __construct(private readonly bool $wordByWord)
    {
        // Letters first; diacritics and letter case only settle what is otherwise equal.
        $this->letters = new \Collator('en');
        $this->letters->setStrength(\Collator::TERTIARY);
        $this->figures = new \NumberFormatter('en', \NumberFormatter::SPELLOUT);
    }

    /**
     * @param  list<string>  $parts  compared one after the other; a shorter list comes first
     * @return string for strcmp
     */
    public function key(array $parts): string
    {
        foreach ($parts as $i => $part) {
            $parts[$i] = $this->bare($part);
        }

        return (string) $this->letters->getSortKey(implode(self::BETWEEN, $parts));
    }

    private function bare(string $part): string
    {
        if (ctype_alpha($part)) {
            return $part;
        }
        if (strspn($part, self::PLAIN) === strlen($part)) {
            return $this->wordByWord ? $part : str_replace(' ', '', $part);
        }
        $part = (string) preg_replace('/^[^\p{L}\p{N}]+/u', '', $part);
        $part = (string) preg_replace_callback(
            '/^\d{1,9}(?:,\d{3})*(?!\d)/',
            fn (array $m): string => $this->spelledOut((int) str_replace(',', '', $m[0])),
            $part,
        );

        return $this->wordByWord
            ? (string) preg_replace(['/[^\p{L}\p{N}\p{M}\s]+/u', '/\s+/u'], ['', ' '], $part)
            : (string) preg_replace('/[^\p{L}\p{N}\p{M}]+/u', '', $part);
    }

    private function spelledOut(int $number): string
    {
        return $this->spelled[$number] ??= $this->inWords($number);
    }

    private function inWords(int $number): string
    {
        $this->figures->setTextAttribute(
            \NumberFormatter::DEFAULT_RULESET,
            $number >= 1100 && $number < 2100 ? '%spellout-numbering-year' : '%spellout-numbering',
        );

        return (string) $this->figures->format($number);
    }
}
