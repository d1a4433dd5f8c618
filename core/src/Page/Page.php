<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Collation;

/** A finished page: its heading and its entries in order. */
final readonly class Page
{
    /**
     * @param  list<PageEntry>  $entries
     * @param  list<PageEntry>  $leftOut  sources the style cites in the text only; their runs are empty
     */
    private function __construct(public string $heading, public bool $headingIsBold, public array $entries, public array $leftOut, public float $annotationIndent)
    {
    }

    /** @param  list<Source>  $sources in any order */
    public static function compose(array $sources, Style $style, CourseRules $course): self
    {
        $listed = array_values(array_filter($sources, $style->lists(...)));
        $leftOut = array_values(array_filter($sources, static fn (Source $source): bool => ! $style->lists($source)));
        $ordered = self::ordered($listed, $style);
        $authors = array_map($style->authorKey(...), $ordered);
        $letters = $style->lettersYears() ? self::yearLetters($ordered, $authors) : [];
        $surnames = self::sharedSurnames($ordered);
        $counts = array_count_values($authors);
        $names = $style->lettersYears() ? self::namesNeeded($ordered) : [];
        $entries = [];
        foreach ($ordered as $i => $source) {
            $context = new EntryContext(
                repeatsAuthor: $i > 0 && $authors[$i] !== '' && $authors[$i] === $authors[$i - 1],
                yearLetter: $letters[$i] ?? '',
                sharesAuthor: $authors[$i] !== '' && $counts[$authors[$i]] > 1,
                sharesSurname: isset($surnames[$i]),
                namesNeeded: $names[$i] ?? 1,
            );
            $entries[] = new PageEntry($source, $context, $style->entry($source, $course, $context));
        }

        return new self($course->heading !== '' ? $course->heading : $style->heading(count($entries)), $style->headingIsBold(), $entries, array_map(static fn (Source $source): PageEntry => new PageEntry($source, new EntryContext, []), self::ordered($leftOut, $style)), $style->annotationIndent());
    }

    /**
     * @param  list<Source>  $sources
     * @return list<Source> in page order, whatever order they came in
     */
    private static function ordered(array $sources, Style $style): array
    {
        $collation = new Collation($style->ordersWordByWord());
        $keys = [];
        foreach ($sources as $i => $source) {
            $keys[$i] = $collation->key($style->orderedBy($source))."\0".$source->id."\0".($source->id === '' ? json_encode($source->toArray(), JSON_THROW_ON_ERROR) : '');
        }
        asort($keys, SORT_STRING);

        return array_map(static fn (int $i): Source => $sources[$i], array_keys($keys));
    }

    /**
     * @param  list<Source>  $sources
     * @param  list<string>  $authors
     * @return array<int, string> letters for works of the same authors in the same year
     */
    private static function yearLetters(array $sources, array $authors): array
    {
        $groups = [];
        foreach ($sources as $i => $source) {
            if ($authors[$i] !== '') {
                $date = $source->date();
                $groups[$authors[$i].'|'.($date->isDate() ? $date->year.($date->end === null ? '' : '/'.$date->end->year) : $source->container()->status.$date->text)][] = $i;
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
     * @param  list<Source>  $sources
     * @return array<int, int> only where one is not enough
     */
    private static function namesNeeded(array $sources): array
    {
        $groups = [];
        foreach ($sources as $i => $source) {
            $names = array_map(static fn (Contributor $one): string => mb_strtolower($one->name->surname() ?: $one->name->direct()), array_values($source->primaryContributors()));
            if (count($names) > 2) {
                $groups[$names[0].'|'.$source->date()->year][$i] = $names;
            }
        }
        $needed = [];
        foreach ($groups as $group) {
            foreach (count($group) > 1 ? $group : [] as $i => $names) {
                foreach ($group as $j => $others) {
                    $same = 0;
                    while ($same < count($names) && ($others[$same] ?? null) === $names[$same]) {
                        $same++;
                    }
                    // The very same authors are told apart by the year's letter.
                    if ($i !== $j && $names !== $others) {
                        $needed[$i] = max($needed[$i] ?? 1, min($same + 1, count($names)));
                    }
                }
            }
        }

        return array_filter($needed, static fn (int $count): bool => $count > 1);
    }

    /** a, b, ... z, aa, ab, ... */
    private static function letter(int $n): string
    {
        return ($n >= 26 ? self::letter(intdiv($n, 26) - 1) : '').chr(97 + $n % 26);
    }

    /**
     * @param  list<Source>  $sources
     * @return array<int, true> entries whose first author shares the surname with somebody else's first author
     */
    private static function sharedSurnames(array $sources): array
    {
        $people = [];
        foreach ($sources as $i => $source) {
            $leaders = $source->primaryContributors();
            $name = $leaders === [] ? null : reset($leaders)->name;
            if ($name instanceof Name && $name->family !== '' && $name->given !== '') {
                $people[mb_strtolower($name->surname())][mb_strtolower($name->given)][] = $i;
            }
        }
        $shared = [];
        foreach ($people as $given) {
            if (count($given) > 1) {
                $shared += array_fill_keys(array_merge(...array_values($given)), true);
            }
        }

        return $shared;
    }
}
