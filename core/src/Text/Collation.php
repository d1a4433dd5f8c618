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
    private readonly \Collator $letters;

    private readonly \Collator $ties;

    private readonly \NumberFormatter $figures;

    public function __construct(private readonly bool $wordByWord)
    {
        $this->letters = new \Collator('en');
        $this->letters->setStrength(\Collator::PRIMARY);
        $this->ties = new \Collator('en');
        $this->ties->setStrength(\Collator::TERTIARY);
        $this->figures = new \NumberFormatter('en', \NumberFormatter::SPELLOUT);
    }

    /**
     * @param  list<string>  $parts  compared one after the other; a shorter list comes first
     * @return string for strcmp
     */
    public function key(array $parts): string
    {
        $key = '';
        foreach ($parts as $part) {
            $key .= rtrim((string) $this->letters->getSortKey($this->bare($part)), "\0")."\0";
        }

        return $key."\0".$this->ties->getSortKey(implode(' ', $parts));
    }

    private function bare(string $part): string
    {
        $part = (string) preg_replace('/^[^\p{L}\p{N}]+/u', '', $part);
        $part = (string) preg_replace_callback('/^\d{1,9}(?:,\d{3})*(?!\d)/', fn (array $m): string => $this->spelledOut((int) str_replace(',', '', $m[0])), $part);

        return $this->wordByWord
            ? (string) preg_replace(['/[^\p{L}\p{N}\p{M}\s]+/u', '/\s+/u'], ['', ' '], $part)
            : (string) preg_replace('/[^\p{L}\p{N}\p{M}]+/u', '', $part);
    }

    private function spelledOut(int $number): string
    {
        $this->figures->setTextAttribute(\NumberFormatter::DEFAULT_RULESET, $number >= 1100 && $number < 2100 ? '%spellout-numbering-year' : '%spellout-numbering');

        return (string) $this->figures->format($number);
    }
}
