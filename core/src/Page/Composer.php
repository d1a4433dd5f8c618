<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Collation;

/** Places and composes the entries of a page, and only those that are not remembered. */
final readonly class Composer
{
    /** By what remembered entries are told apart, besides the source: the style and what the course asks for. */
    private string $asked;

    public function __construct(private Style $style, private CourseRules $course, private Memory $memory)
    {
        $this->asked = $style->id().'|'.substr(hash('xxh128', serialize($course)), 0, 16);
    }

    /**
     * @param  list<PageSource>  $sources in any order
     * @param  bool  $withBare  whether one of which nothing is known but where it is has an entry all the same
     * @return array{list<Placed>, list<Placed>} those that have an entry and those that have none, each in page order
     */
    public function ordered(array $sources, bool $withBare = true): array
    {
        $placements = $this->remembered(
            array_map(
                fn (PageSource $one): string => $one->key === '' ? '' : "place|{$this->style->id()}|{$one->key}",
                $sources,
            ),
            function (array $missing) use ($sources): array {
                $collation = new Collation($this->style->ordersWordByWord());

                return array_map(
                    fn (int $i): Placement => Placement::of($sources[$i]->source(), $this->style, $collation),
                    $missing,
                );
            },
        );
        $keys = array_map(static fn (Placement $one): string => $one->sortKey, $placements);
        asort($keys, SORT_STRING);
        [$listed, $leftOut] = [[], []];
        foreach (array_keys($keys) as $i) {
            $one = new Placed($sources[$i], $placements[$i]);
            $placements[$i]->isListed && ($withBare || ! $placements[$i]->isBare)
                ? $listed[] = $one
                : $leftOut[] = $one;
        }

        return [$listed, $leftOut];
    }

    /**
     * @param  list<Placed>  $placed in page order
     * @return list<PageEntry>
     */
    public function entries(array $placed): array
    {
        $contexts = (new Neighbours(
            array_map(static fn (Placed $one): Placement => $one->placement, $placed),
            $this->style,
        ))->contexts();
        $keys = [];
        foreach ($placed as $i => $one) {
            $keys[] = $one->source->key === '' ? '' : "entry|{$this->asked}|{$contexts[$i]->key()}|{$one->source->key}";
        }
        $composed = $this->remembered($keys, fn (array $missing): array => array_map(
            fn (int $i): Composed => $this->composed($placed[$i]->source, $contexts[$i]),
            $missing,
        ));
        $entries = [];
        foreach ($placed as $i => $one) {
            $entries[] = new PageEntry($one->source, $contexts[$i], $composed[$i]->runs, $composed[$i]->annotation, $composed[$i]->mark);
        }

        return $entries;
    }

    private function composed(PageSource $of, EntryContext $context): Composed
    {
        $source = $of->source();

        return new Composed(
            $this->style->entry($source, $this->course, $context),
            PageEntry::paragraphs($source->annotation),
        );
    }

    /**
     * @template T
     *
     * @param  list<string>  $keys  '' for what nobody should remember
     * @param  callable(array<int, int>): array<int, T>  $make  makes what is missing, by its place in the list
     * @return list<T>
     */
    private function remembered(array $keys, callable $make): array
    {
        $known = $this->memory->recall(array_values(array_filter($keys, static fn (string $key): bool => $key !== '')));
        $missing = [];
        foreach ($keys as $i => $key) {
            if (! isset($known[$key])) {
                $missing[$i] = $i;
            }
        }
        $made = $missing === [] ? [] : $make($missing);
        $new = [];
        $all = [];
        foreach ($keys as $i => $key) {
            $all[] = $made[$i] ?? $known[$key];
            if ($key !== '' && isset($made[$i])) {
                $new[$key] = $made[$i];
            }
        }
        if ($new !== []) {
            $this->memory->keep($new);
        }

        return $all;
    }
}
