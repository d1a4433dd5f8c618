<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * Finds the kind a student's own word means. Every word typed must be known, or the last one be the very name of a
 * kind: letters that happen to agree find nothing. Words that name no kind are in core/data/kind-words.php.
 */
final class KindFinder
{
    private const SMALL = [
        'a', 'an', 'the', 'my', 'our', 'of', 'from', 'on', 'in', 'for', 'to', 'at', 'i', 'some', 'this', 'it', 'is',
        'by', 'with', 'about', 'and', 'or', 'that',
    ];

    /** What follows one of these says whose it is, or where it was: the word for the thing itself stands before. */
    private const ASIDE = ['of', 'from', 'on', 'in', 'for', 'at', 'by', 'with', 'about', 'under', 'that'];

    /** As many letters as say what somebody is about to type. */
    private const BEGUN = 3;

    /** @var ?array<string, array{string, list<string>}> sentence and ids of kinds, by the word */
    private static ?array $noKinds = null;

    /** @var \WeakMap<Kind, array{list<string>, array<string, true>}> terms, and the words in them */
    private readonly \WeakMap $terms;

    public function __construct(private readonly Kinds $kinds)
    {
        $this->terms = new \WeakMap;
    }

    public function find(string $typed): FoundKinds
    {
        $words = preg_split('/[^\p{L}\p{N}-]+/u', mb_strtolower($typed), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if ($words === []) {
            return new FoundKinds($this->kinds->list());
        }
        $head = $words;
        foreach ($words as $i => $word) {
            if ($i > 0 && in_array($word, self::ASIDE, true)) {
                $head = array_slice($words, 0, $i);
                break;
            }
        }
        foreach ([[$words, false], [$head, false], [$head, true], [$words, true]] as [$said, $byLast]) {
            $found = $this->named($said, $byLast);
            if ($found->kinds !== []) {
                return $found;
            }
        }

        return new FoundKinds([]);
    }

    /**
     * @param  list<string>  $words
     * @param  bool  $byLast  whether the last word will do where the others are unknown
     */
    private function named(array $words, bool $byLast): FoundKinds
    {
        $words = array_values(array_diff($words, self::SMALL));
        [$sentence, $ids] = self::noKinds()[implode(' ', $words)] ?? ['', []];

        return $ids === []
            ? new FoundKinds($this->meant($words, $byLast))
            : new FoundKinds(array_map($this->kinds->get(...), $ids), $sentence);
    }

    /**
     * @param  list<string>  $words
     * @return list<Kind> best first
     */
    private function meant(array $words, bool $byLast): array
    {
        $scored = [];
        foreach ($this->kinds->list() as $kind) {
            $score = $words === [] ? 0 : $this->score($kind, $words, $byLast);
            if ($score > 0) {
                $scored[] = [$score, $kind];
            }
        }
        usort($scored, static fn (array $a, array $b): int => [$b[0], $a[1]->rank] <=> [$a[0], $b[1]->rank]);

        return array_column($scored, 1);
    }

    /** @param  non-empty-list<string>  $words */
    private function score(Kind $kind, array $words, bool $byLast): int
    {
        [$terms, $known] = $this->terms($kind);
        if (array_intersect([implode(' ', $words), self::singular(implode(' ', $words))], $terms) !== []) {
            return 100;
        }
        $last = array_key_last($words);
        $score = 0;
        foreach ($words as $i => $word) {
            $one = self::wordScore($word, $known, $i === $last);
            if ($one === 0) {
                $isNamed = array_intersect([$words[$last], self::singular($words[$last])], $terms) !== [];

                return $isNamed && $byLast ? 1 : 0;
            }
            $score += $one;
        }

        return $score;
    }

    /** @param  array<string, true>  $known */
    private static function wordScore(string $word, array $known, bool $mayBeBegun): int
    {
        if (isset($known[$word])) {
            return 10;
        }
        if (isset($known[self::singular($word)])) {
            return 8;
        }
        if ($mayBeBegun && mb_strlen($word) >= self::BEGUN) {
            foreach ($known as $other => $true) {
                if (str_starts_with((string) $other, $word)) {
                    return 5;
                }
            }
        }

        return 0;
    }

    private static function singular(string $word): string
    {
        return mb_strlen($word) > 3 ? (string) preg_replace('/(?<!s)s$/u', '', $word) : $word;
    }

    /** @return array{list<string>, array<string, true>} what it is called, and the words in that */
    private function terms(Kind $kind): array
    {
        if (! isset($this->terms[$kind])) {
            $terms = preg_split('/,\s*|\s+or\s+/u', mb_strtolower("{$kind->label},{$kind->searchTerms}")) ?: [];
            $words = array_diff(preg_split('/[^\p{L}\p{N}-]+/u', implode(' ', $terms)) ?: [], self::SMALL);
            $this->terms[$kind] = [$terms, array_fill_keys($words, true)];
        }

        return $this->terms[$kind];
    }

    /** @return array<string, array{string, list<string>}> */
    private static function noKinds(): array
    {
        if (self::$noKinds === null) {
            self::$noKinds = [];
            foreach (require dirname(__DIR__, 2).'/data/kind-words.php' as $words => $answer) {
                self::$noKinds += array_fill_keys(explode(',', $words), $answer);
            }
        }

        return self::$noKinds;
    }
}
