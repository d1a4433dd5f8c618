<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Style;

/** What each entry of a page must know of the others: who repeats, who shares a name or a year. */
final readonly class Neighbours
{
    /** @param  list<Placement>  $placements  in the order of the page */
    public function __construct(private array $placements, private Style $style)
    {
    }

    /** @return list<EntryContext> in the same order */
    public function contexts(): array
    {
        $authors = array_map(static fn (Placement $one): string => $one->authors, $this->placements);
        $counts = array_count_values($authors);
        $letters = $this->style->lettersYears() ? $this->yearLetters() : [];
        $names = $this->style->lettersYears() ? $this->namesNeeded() : [];
        $surnames = $this->sharedSurnames();
        $contexts = [];
        foreach ($authors as $i => $author) {
            $contexts[] = new EntryContext(
                repeatsAuthor: $i > 0 && $author !== '' && $author === $authors[$i - 1],
                yearLetter: $letters[$i] ?? '',
                sharesAuthor: $author !== '' && $counts[$author] > 1,
                sharesSurname: isset($surnames[$i]),
                namesNeeded: $names[$i] ?? 1,
                sharesInitial: $surnames[$i] ?? false,
            );
        }

        return $contexts;
    }

    /** @return array<int, string> letters for works of the same authors in the same year */
    private function yearLetters(): array
    {
        $groups = [];
        foreach ($this->placements as $i => $one) {
            if ($one->authors !== '') {
                $groups["{$one->authors}|{$one->year}"][] = $i;
            }
        }
        $letters = [];
        foreach ($groups as $group) {
            foreach (count($group) > 1 ? $group : [] as $n => $i) {
                $letters[$i] = self::letter($n);
            }
        }

        return $letters;
    }

    /**
     * Among works of one year that begin with the same surname and have three authors or more: how many names tell
     * each from all others.
     *
     * @return array<int, int> only where one is not enough
     */
    private function namesNeeded(): array
    {
        $groups = [];
        foreach ($this->placements as $i => $one) {
            if ($one->names !== []) {
                $groups[$one->names[0].'|'.(int) $one->year][$i] = $one->names;
            }
        }
        $needed = [];
        foreach ($groups as $group) {
            foreach (count($group) > 1 ? $group : [] as $i => $names) {
                $needed[$i] = self::toTellApart($names, array_diff_key($group, [$i => true]));
            }
        }

        return array_filter($needed, static fn (int $count): bool => $count > 1);
    }

    /**
     * @param  list<string>  $names
     * @param  array<int, list<string>>  $others
     */
    private static function toTellApart(array $names, array $others): int
    {
        $needed = 1;
        foreach ($others as $other) {
            $same = 0;
            while ($same < count($names) && ($other[$same] ?? null) === $names[$same]) {
                $same++;
            }
            // The very same authors are told apart by the year's letter.
            $needed = $names === $other ? $needed : max($needed, min($same + 1, count($names)));
        }

        return $needed;
    }

    /**
     * @return array<int, bool> entries whose first author shares the surname with somebody else's first author, and
     *         whether
     *     the initial too
     */
    private function sharedSurnames(): array
    {
        $people = [];
        foreach ($this->placements as $i => $one) {
            if ($one->surname !== '') {
                $people[$one->surname][$one->given][] = $i;
            }
        }
        $shared = [];
        foreach ($people as $given) {
            $initials = array_count_values(array_map(
                static fn (string|int $name): string => mb_substr((string) $name, 0, 1),
                array_keys($given),
            ));
            foreach (count($given) > 1 ? $given : [] as $name => $places) {
                $shared += array_fill_keys($places, $initials[mb_substr((string) $name, 0, 1)] > 1);
            }
        }

        return $shared;
    }

    /** a, b, ... z, aa, ab, ... */
    private static function letter(int $n): string
    {
        return ($n >= 26 ? self::letter(intdiv($n, 26) - 1) : '').chr(97 + $n % 26);
    }
}
