<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/** Finds the sources a citation means: by name, then by title, year, and what its sentence says. */
final readonly class Matcher
{
    /** @param  bool  $citesYear  whether citations of the paper's style say the year */
    public function __construct(private SourceIndex $sources, private bool $citesYear)
    {
    }

    public function match(Cite $cite, Found $found): Matched
    {
        if ($cite->isPersonal) {
            return new Matched($this->sources->leftOut($cite->who));
        }
        $meant = $this->sources->meant($cite->who);
        $named = $meant === null ? $this->named($cite) : new Matched([$meant], [self::wrongName($cite, $meant)]);

        return $meant !== null || $named->sources === []
            ? $named
            : $this->ofSentence($this->ofYear($this->ofWork($named, $cite), $cite), $found);
    }

    private function named(Cite $cite): Matched
    {
        $sources = $this->sources->named($cite->who);
        if ($sources === []) {
            $nearly = $this->sources->nearly($cite->names(), $cite->who, $cite->years[0] ?? '');

            return $nearly === [] ? $this->unknown($cite) : new Matched($nearly, [self::wrongName($cite, $nearly[0])]);
        }
        $isByNames = $this->sources->group($cite->who) === [] && $this->sources->exact($cite->who) !== [];
        $alike = $isByNames ? $this->withTheseNames($sources, $cite->names()) : $sources;
        if ($alike !== []) {
            return new Matched($alike);
        }
        $sources = $this->sources->ofYear($sources, $cite->years[0] ?? '') ?: $sources;

        return new Matched($sources, [self::wrongName($cite, $sources[0])]);
    }

    private function unknown(Cite $cite): Matched
    {
        $who = $cite->isQuotedTitle ? "“{$cite->who}”" : $cite->who;

        return Matched::none($this->sources->leftOut($cite->who) === []
            ? "No source on the page begins with {$who}."
            : "The source by {$cite->who} is left out of the page.");
    }

    /**
     * @param  list<KnownSource>  $sources  whose first name is right
     * @return list<KnownSource> those whose other names are right as well, as far as they are said
     */
    private function withTheseNames(array $sources, NameWords $names): array
    {
        $said = array_map(
            fn (string $one): string => $this->sources->firstName($one)[0],
            array_slice($names->names, 1),
        );
        $fitting = array_filter(
            $sources,
            static fn (KnownSource $one): bool => array_slice($one->surnames, 1, count($said)) === $said,
        );
        $all = array_filter($fitting, static fn (KnownSource $one): bool => count($one->surnames) === count($said) + 1);
        $many = array_filter($fitting, static fn (KnownSource $one): bool => count($one->surnames) > 2);

        // Without "et al.", one name stands for one author, or for three and more where it was forgotten.
        return array_values($names->hasOthers ? ($many ?: $fitting) : ($all ?: $many));
    }

    /** The work that MLA names after the author. */
    private function ofWork(Matched $named, Cite $cite): Matched
    {
        if ($cite->work === '') {
            return $named;
        }
        $titled = array_filter($named->sources, static fn (KnownSource $one): bool => $one->isTitled($cite->work));
        if ($titled !== []) {
            return $named->narrowedTo(array_values($titled));
        }
        $isGiven = array_filter(
            $named->sources,
            static fn (KnownSource $one): bool => $one->isGivenName($cite->work),
        ) !== [];

        return $named->narrowedTo($named->sources, $isGiven
            ? new CitationIssue('wrong-name', "The family name alone stands here: {$named->sources[0]->who}.")
            : new CitationIssue('not-on-page', "No work by {$cite->who} on the page is called {$cite->work}."));
    }

    private function ofYear(Matched $named, Cite $cite): Matched
    {
        $ofYear = $this->sources->ofYear($named->sources, $cite->years[0] ?? '');
        if ($cite->years === [] || $ofYear !== []) {
            return $named->narrowedTo($ofYear ?: $named->sources);
        }
        $years = implode(', ', array_map(static fn (KnownSource $one): string => $one->year, $named->sources));
        $issue = new CitationIssue('wrong-year', "The page has {$years} for {$cite->who}, not {$cite->years[0]}.");

        // Styles that name no year say that its year is out of place anyway.
        return $named->narrowedTo($named->sources, $this->citesYear ? $issue : null);
    }

    /** The one whose title the sentence names: "In Moonpower, Brook counts …". */
    private function ofSentence(Matched $named, Found $found): Matched
    {
        if (count($named->sources) < 2 || $named->issues !== []) {
            return $named;
        }
        $plain = ' '.(new Plain($found->sentence))->words().' ';
        $titled = array_values(array_filter(
            $named->sources,
            static fn (KnownSource $one): bool => $one->title !== '' && str_contains($plain, " {$one->title} "),
        ));
        if (count($titled) === 1) {
            return $named->narrowedTo($titled);
        }
        $labels = implode(' and ', array_map(static fn (KnownSource $one): string => $one->label(), $named->sources));

        return $named->narrowedTo(
            $named->sources,
            new CitationIssue('ambiguous', "The page has {$labels}: say which is meant."),
        );
    }

    private static function wrongName(Cite $cite, KnownSource $source): CitationIssue
    {
        return new CitationIssue('wrong-name', "The entry begins with {$source->who}, not with {$cite->who}.");
    }
}
