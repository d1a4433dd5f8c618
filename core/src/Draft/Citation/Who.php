<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;

/** Words that may say whom a citation cites: names, a group, a title; or that cannot. */
final readonly class Who
{
    private const LONGEST = 90;

    /** Figures of equations, amounts and codes; a number alone. */
    private const NO_NAME = '/[()=<>+\/%$€£]|\d{5}|^\d+$/u';

    private const CAPITAL = "/^(?:\\p{Lu}|\\d|[od]['’]\\p{Lu})/u";

    private const QUOTED = '/^[“"‘].+[”"’]$/u';

    public function __construct(public string $words)
    {
    }

    public function isPossible(): bool
    {
        return mb_strlen($this->words) <= self::LONGEST && preg_match(self::NO_NAME, $this->words) !== 1
            && ($this->isQuoted() || $this->isOfNames());
    }

    public function isQuoted(): bool
    {
        return preg_match(self::QUOTED, $this->words) === 1;
    }

    public function unquoted(): string
    {
        return $this->isQuoted() ? rtrim(mb_substr($this->words, 1, -1), ',.') : trim($this->words, '*_');
    }

    /** @return array{self, self} the names, and the work after them: "Brook, Patient Wheel" */
    public function parted(): array
    {
        $names = '/^(?<names>[^,“"]+(?:,? (?:and|&) [^,“"]+| et al\.)?),\s+(?<work>.{2,})$/u';
        // A list of names has an "and" before the last of them, or ends in "et al."; a title in its place does not.
        $ofList = '/^(?:and|&)\s|^et\.? al|^\p{Lu}[\p{L}\p{M}’\'-]+,?\s+(?:and|&)\s+\p{Lu}[\p{L}\p{M}’\'-]+$/u';

        return preg_match($names, $this->words, $m) === 1 && preg_match($ofList, $m['work']) !== 1
            ? [new self($m['names']), new self($m['work'])]
            : [$this, new self('')];
    }

    /** Begins with a capital or a figure, and is made of words that names and titles are made of. */
    private function isOfNames(): bool
    {
        $data = DraftWords::all();
        $words = preg_split('/\s+/u', rtrim((string) preg_replace('/\[[^\]]*\]/u', '', $this->words))) ?: [];
        if ($data->has('no names', self::telling($words))) {
            return false;
        }
        $capitals = array_filter(
            $words,
            static fn (string $word): bool => preg_match(self::CAPITAL, ltrim($word, '“"‘\'*_')) === 1,
        );
        $small = "/^(?:{$data->pattern('small')}|{$data->pattern('particles')})$/u";
        $others = preg_grep($small, array_diff($words, $capitals), PREG_GREP_INVERT);

        return $capitals !== [] && $others === [];
    }

    /**
     * The word that tells a name from what is none: the first, but not a title's article or the number of a day.
     *
     * @param  non-empty-list<string>|list<string>  $words
     */
    private static function telling(array $words): string
    {
        $first = trim(Spot::bare($words[0] ?? ''), '.,“”"‘’\'*_');
        $isPassed = preg_match('/^(?:The|An?|\d{1,2}(?:st|nd|rd|th)?)$/', $first) === 1;

        return $isPassed && count($words) > 1 ? trim($words[1], '.,') : $first;
    }
}
