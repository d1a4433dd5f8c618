<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Collation;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Run;

/** Places and composes the entries of a page, and only those that are not remembered. */
final readonly class Composer
{
    private const MARK = 'mark|';

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
        return array_values($this->composedAt($placed, $this->contexts($placed), array_keys($placed)));
    }

    /**
     * Entries somebody may know already: by their marks alone where they do.
     *
     * @param  list<Placed>  $placed in page order
     * @param  array<string, mixed>  $known  by the marks they have
     * @param  string  $wanted  the id of a source whose entry is wanted whole
     * @return list<PageEntry|string>
     */
    public function changed(array $placed, array $known, string $wanted): array
    {
        $contexts = $this->contexts($placed);
        $entries = [];
        $new = [];
        foreach ($this->rememberedMarks($placed, $contexts) as $i => $mark) {
            isset($known[$mark]) && $placed[$i]->source->id !== $wanted ? $entries[$i] = $mark : $new[] = $i;
        }
        foreach ($this->composedAt($placed, $contexts, $new) as $i => $entry) {
            $entries[$i] = isset($known[$entry->mark]) && $entry->id !== $wanted ? $entry->mark : $entry;
        }
        ksort($entries);

        return array_values($entries);
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<EntryContext>  $contexts
     * @return list<string> the marks of their entries; '' where nobody remembers what became of one
     */
    private function rememberedMarks(array $placed, array $contexts): array
    {
        $keys = [];
        foreach ($placed as $i => $one) {
            $keys[] = $one->source->key === '' ? '' : self::MARK.$this->key($one, $contexts[$i]);
        }
        $kept = array_filter($keys, static fn (string $key): bool => $key !== '');
        $contents = $this->memory->recall(array_values($kept));
        $marks = [];
        foreach ($placed as $i => $one) {
            $content = $contents[$keys[$i]] ?? null;
            $marks[] = is_string($content) ? PageEntry::markOf($one->source->id, $content) : '';
        }

        return $marks;
    }

    /**
     * @param  list<Placed>  $placed
     * @return list<EntryContext>
     */
    private function contexts(array $placed): array
    {
        $placements = array_map(static fn (Placed $one): Placement => $one->placement, $placed);

        return (new Neighbours($placements, $this->style))->contexts();
    }

    private function key(Placed $one, EntryContext $context): string
    {
        return "{$this->asked}|{$context->key()}|{$one->source->key}";
    }

    /**
     * @param  list<Placed>  $placed
     * @param  list<EntryContext>  $contexts
     * @param  list<int>  $places  those that are wanted
     * @return array<int, PageEntry> by their places
     */
    private function composedAt(array $placed, array $contexts, array $places): array
    {
        $keys = [];
        foreach ($places as $i) {
            $keys[] = $placed[$i]->source->key === '' ? '' : 'entry|'.$this->key($placed[$i], $contexts[$i]);
        }
        $composed = $this->remembered($keys, fn (array $missing): array => array_map(
            fn (int $n): Composed => $this->composed($placed[$places[$n]]->source, $contexts[$places[$n]]),
            $missing,
        ));
        $entries = [];
        $marks = [];
        foreach ($places as $n => $i) {
            $one = $composed[$n];
            $entries[$i] = new PageEntry($placed[$i]->source, $contexts[$i], $one->runs, $one->annotation, $one->mark);
            if ($keys[$n] !== '') {
                $marks[self::MARK.substr($keys[$n], strlen('entry|'))] = $one->mark;
            }
        }
        if ($marks !== []) {
            $this->memory->keep($marks);
        }

        return $entries;
    }

    private function composed(PageSource $of, EntryContext $context): Composed
    {
        $source = $of->source();

        $byHand = $source->corrected[$this->style->id()] ?? '';

        return new Composed(
            $byHand === '' ? $this->style->entry($source, $this->course, $context) : $this->asWritten($byHand),
            PageEntry::paragraphs($source->annotation),
        );
    }

    /** @return list<Run> an entry somebody wrote by hand */
    private function asWritten(string $entry): array
    {
        return array_map(
            fn (array $span): Run => new Run($span[0], "{$this->style->family()}.by-hand", italic: $span[1]),
            (new Markup($entry))->spans(),
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
