<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;
use Bibrel\Core\Draft\Paragraph;

/**
 * Finds the citations in the text of a draft: pairs of parentheses, with the name in the sentence that belongs to them.
 */
final readonly class CitationFinder
{
    private CiteParser $parser;

    private Mentions $mentions;

    private Asides $asides;

    private string $personal;

    /**
     * @param  list<Paragraph>  $paragraphs
     * @param  bool  $citesYear  whether citations of the paper's style say the year
     */
    public function __construct(private SourceIndex $sources, private array $paragraphs, private bool $citesYear)
    {
        $this->parser = new CiteParser;
        $this->mentions = new Mentions($sources);
        $this->asides = new Asides($sources, $paragraphs);
        $this->personal = '/^'.DraftWords::all()->pattern('personal').'\b/iu';
    }

    /** @return list<Found> in their order */
    public function all(): array
    {
        $found = [];
        foreach ($this->paragraphs as $paragraph) {
            array_push($found, ...$this->in($paragraph));
        }

        return $found;
    }

    /** @return list<Found> */
    private function in(Paragraph $paragraph): array
    {
        $found = [];
        $sentences = new Sentences($paragraph->text);
        $end = 0;
        foreach (self::parentheses($paragraph->text) as [$start, $length]) {
            if ($start < $end) {
                continue;
            }
            $spot = new Spot($paragraph, $sentences, $start, $length);
            $last = array_pop($found);
            // A place alone may belong to the citation before it.
            $goesOn = $last === null ? null : $this->goingOn($last, $spot);
            $one = $goesOn === null ? $this->at($spot) : null;
            array_push($found, ...array_filter([$goesOn ?? $last, $one]));
            $end = $one === null ? $end : $start + $length;
        }

        return $found;
    }

    /** @return list<array{int, int}> start and length of each pair, in bytes; an outer one before those within it */
    private static function parentheses(string $text): array
    {
        $pairs = [];
        $open = [];
        preg_match_all('/[()]/', $text, $marks, PREG_OFFSET_CAPTURE);
        foreach ($marks[0] as [$mark, $at]) {
            if ($mark === '(') {
                $open[] = $at;
            } elseif ($open !== []) {
                $start = array_pop($open);
                $pairs[] = [$start, $at + 1 - $start];
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $pairs;
    }

    private function at(Spot $spot): ?Found
    {
        if ($this->asides->isIntroduction($spot)) {
            return null;
        }
        if (preg_match($this->personal, $spot->inside) === 1) {
            $name = $this->mentions->before($spot->before);

            return $name === '' ? null : $spot->citedBy($name, [new Cite($spot->inside, isPersonal: true)]);
        }
        $cites = $this->parser->parse($spot->inside);
        if ($cites === null) {
            return $this->within($spot);
        }
        if (array_filter($cites, static fn (Cite $one): bool => $one->who !== '') !== []) {
            return $this->named($cites, $spot);
        }

        return $cites[0]->years !== [] ? $this->yearAlone($cites, $spot) : $this->placeAlone($cites, $spot);
    }

    private function within(Spot $spot): ?Found
    {
        $cite = $this->parser->within($spot->inside);

        return $cite !== null && $this->sources->named($cite->who) !== [] ? $spot->cited([$cite]) : null;
    }

    /**
     * Names or titles in parentheses.
     *
     * @param  non-empty-list<Cite>  $cites
     */
    private function named(array $cites, Spot $spot): ?Found
    {
        foreach ($cites as $cite) {
            if (! $this->asides->isCited($cite, $spot)) {
                return null;
            }
        }
        foreach ($cites as $cite) {
            if (preg_match('/^(.+?)\s*\[(\p{L}{2,10})\]$/u', $cite->who, $m) === 1) {
                $this->sources->introduce($m[2], $m[1]);
            }
        }

        return (count($cites) === 1 ? $this->inFull($cites[0], $spot) : null) ?? $spot->cited($cites);
    }

    /** What the sentence names in full, and the parentheses by its letters or its title. */
    private function inFull(Cite $cite, Spot $spot): ?Found
    {
        // "Brook counts forty (Moonpower 15)".
        $author = $this->citesYear ? '' : $this->authorOf($cite, $spot);
        if ($author !== '') {
            return $spot->citedBy($author, [$cite->ofWork($cite->who)], isApart: true);
        }
        // "Northmere Mill Trust (NMT, 2020)".
        $name = $cite->years === [] ? '' : $this->mentions->before($spot->before);
        if ($name === '' || ! str_ends_with(Asides::initials($name), $cite->who)) {
            return null;
        }
        $this->sources->introduce($cite->who, $name);

        return $spot->citedBy($name, [$cite]);
    }

    /** Who wrote the title in parentheses, where the sentence has said it; else ''. */
    private function authorOf(Cite $cite, Spot $spot): string
    {
        if ($this->sources->group($cite->who) !== [] || $this->sources->exact($cite->who) !== []) {
            return '';
        }
        $name = $this->mentions->lastKnown($spot->opening);
        $by = $name === '' ? [] : $this->sources->exact($name);
        $titled = $this->sources->titled($cite->who);

        return array_filter($titled, static fn (KnownSource $one): bool => in_array($one, $by, true)) === []
            ? ''
            : $name;
    }

    /**
     * "Brook (2014)".
     *
     * @param  non-empty-list<Cite>  $cites
     */
    private function yearAlone(array $cites, Spot $spot): ?Found
    {
        if (Asides::isSpan($cites[0])) {
            return null;
        }
        $name = $this->mentions->before($spot->before);
        if ($name !== '' && $this->asides->isSomebody($name, $cites[0], $spot)) {
            return $spot->citedBy($name, $cites);
        }
        // "Brook’s book (2014)": other words stand between, and the year is theirs.
        $known = $this->mentions->lastKnown($spot->opening);
        $theirs = $known === '' ? [] : $this->sources->ofYear($this->sources->named($known), $cites[0]->years[0]);

        return $theirs === [] ? null : $spot->citedBy($known, $cites, isApart: true);
    }

    /** "Brook (2014) writes that … (p. 15)": the citation before, with its place. */
    private function goingOn(Found $last, Spot $spot): ?Found
    {
        $cite = $this->parser->parse($spot->inside)[0] ?? null;
        $place = $cite?->who === '' && $cite->years === [] ? $cite->places[0] ?? null : null;
        if (! $this->citesYear || $cite === null || $place === null || $place->label === ''
            || in_array($place->kind(), ['figure', 'table'], true)) {
            return null;
        }

        return $last->withPlacesOf($cite);
    }

    /**
     * A page, a time, a scene alone: it belongs to a name the sentence says, or the one before.
     *
     * @param  non-empty-list<Cite>  $cites
     */
    private function placeAlone(array $cites, Spot $spot): ?Found
    {
        $isNext = $this->mentions->known($this->mentions->before($spot->before)) !== '';
        if (! $this->asides->isPlaceOfSource($cites[0]->places[0], $spot, $isNext)) {
            return null;
        }
        $name = $this->whoIsMeant($spot) ?: $this->saidBefore($cites[0]->places[0], $spot);

        // Without anybody's name a number is a page only where words are quoted.
        return $name === '' ? null : $spot->citedBy($name, $cites, isApart: true);
    }

    /** A scene, a line, a time belongs to what the text is about, though a page or two may lie between. */
    private function saidBefore(Place $place, Spot $spot): string
    {
        // "3.5" and "9:15" alone may be anything.
        if ($place->label === '' && preg_match('/^\d+[.:]\d+[.:]\d/', $place->value) !== 1
            || ! in_array($place->kind(), ['act', 'scene', 'line', 'time', 'stanza'], true)) {
            return '';
        }
        foreach (array_reverse($this->paragraphs) as $one) {
            $name = $one->place < $spot->paragraph->place ? $this->mentions->lastKnown($one->text) : '';
            if ($name !== '') {
                return $name;
            }
        }

        return '';
    }

    private function whoIsMeant(Spot $spot): string
    {
        $unknown = $this->mentions->reporting($spot->opening);
        $known = $this->mentions->lastKnown($spot->opening);
        if ($known !== ''
            && ($unknown === '' || strrpos($spot->opening, $known) >= strrpos($spot->opening, $unknown))) {
            return $known;
        }

        return $unknown ?: $this->mentions->lastKnown($spot->before);
    }
}
