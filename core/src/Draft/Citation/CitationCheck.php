<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Format\Inline;
use Bibrel\Core\Style\Style;

/** Holds the citations of a draft against the page of its sources. */
final class CitationCheck
{
    /** @var array<string, true> ids of sources that were cited already */
    private array $cited = [];

    private readonly FormCheck $forms;

    public function __construct(private readonly SourceIndex $sources, Style $style)
    {
        $this->forms = FormCheck::of($style);
    }

    public function check(Found $found): Checked
    {
        $sources = [];
        $issues = [];
        $right = [];
        $alternatives = [];
        foreach ($found->cites as $cite) {
            foreach ($this->years($cite) as $one) {
                [$candidates, $wrong] = $this->matched($one, $found);
                $issues = [...$issues, ...$wrong];
                if (count($candidates) === 1) {
                    $issues = [...$issues, ...$this->forms->issues($one, $candidates[0], $found, $wrong === [])];
                    $isFirst = ! isset($this->cited[$candidates[0]->id]);
                    $right[] = Inline::html($candidates[0]->citation($one, $isFirst));
                }
                foreach (count($candidates) > 1 ? $candidates : [] as $source) {
                    $alternatives[] = Inline::html($source->citation($one, isFirst: false));
                }
                foreach ($candidates as $source) {
                    $this->cited[$source->id] = true;
                    $sources[$source->id] = $source->id;
                }
            }
        }
        $issues = self::once($issues);

        $form = $issues === [] || $alternatives !== [] ? '' : self::together($right);

        return new Checked($found, array_values($sources), $issues, $form, array_values(array_unique($alternatives)));
    }

    /** @return list<Cite> one for each year: "(Brook, 2014, 2016)" cites two works */
    private function years(Cite $cite): array
    {
        return count($cite->years) < 2 ? [$cite] : array_map(static fn (string $year): Cite => $cite->ofYear($year), $cite->years);
    }

    /** @return array{list<KnownSource>, list<CitationIssue>} */
    private function matched(Cite $cite, Found $found): array
    {
        if ($cite->isPersonal) {
            return [$this->sources->leftOut($cite->who), []];
        }
        $meant = $this->sources->meant($cite->who);
        if ($meant !== null) {
            return [[$meant], [$this->wrongName($cite, [$meant])]];
        }
        $sources = $this->sources->named($cite->who);
        $issues = [];
        if ($sources !== []) {
            $alike = $this->withTheseNames($sources, $cite);
            if ($alike === []) {
                $sources = $this->ofYear($sources, $cite) ?: $sources;
                $issues[] = $this->wrongName($cite, $sources);
            } else {
                $sources = $alike;
            }
        } else {
            $sources = $this->sources->nearly($cite->names(), $cite->who, $cite->years[0] ?? '');
            if ($sources === []) {
                if ($this->sources->leftOut($cite->who) !== []) {
                    return [[], [new CitationIssue('not-on-page', "The source by {$cite->who} is left out of the page.")]];
                }
                $who = $cite->isQuotedTitle ? "“{$cite->who}”" : $cite->who;

                return [[], [new CitationIssue('not-on-page', "No source on the page begins with {$who}.")]];
            }
            $issues[] = $this->wrongName($cite, $sources);
        }
        [$sources, $more] = $this->narrowed($sources, $cite, $found);

        return [$sources, [...$issues, ...($issues === [] || $more === [] ? $more : [])]];
    }

    /**
     * @param  list<KnownSource>  $sources
     * @return array{list<KnownSource>, list<CitationIssue>}
     */
    private function narrowed(array $sources, Cite $cite, Found $found): array
    {
        if ($cite->work !== '') {
            $titled = array_values(array_filter($sources, static fn (KnownSource $one): bool => $one->isTitled($cite->work)));
            if ($titled === [] && array_filter($sources, static fn (KnownSource $one): bool => $one->isGivenName($cite->work)) !== []) {
                return [$sources, [new CitationIssue('wrong-name', "The family name alone stands here: {$sources[0]->who}.")]];
            }
            if ($titled === []) {
                return [$sources, [new CitationIssue('not-on-page', "No work by {$cite->who} on the page is called {$cite->work}.")]];
            }
            $sources = $titled;
        }
        $ofYear = $this->ofYear($sources, $cite);
        if ($cite->years !== [] && $ofYear === []) {
            $years = implode(', ', array_map(static fn (KnownSource $one): string => $one->year, $sources));
            $issue = new CitationIssue('wrong-year', "The page has {$years} for {$cite->who}, not {$cite->years[0]}.");

            // Styles that name no year say that its year is out of place anyway.
            return [$sources, $this->forms->namesYears() ? [$issue] : []];
        }
        $sources = $ofYear ?: $sources;
        if (count($sources) > 1) {
            $sources = $this->meantBy($found->sentence, $sources) ?: $sources;
        }
        if (count($sources) > 1) {
            $labels = implode(' and ', array_map(static fn (KnownSource $one): string => $one->label(), $sources));

            return [$sources, [new CitationIssue('ambiguous', "The page has {$labels}: say which is meant.")]];
        }

        return [$sources, []];
    }

    /**
     * @param  list<KnownSource>  $sources
     * @return list<KnownSource>
     */
    private function ofYear(array $sources, Cite $cite): array
    {
        $year = $cite->years[0] ?? '';
        if ($year === '') {
            return [];
        }
        $exact = array_filter($sources, static fn (KnownSource $one): bool => $one->isOfYear($year));
        $unlettered = array_filter($sources, static fn (KnownSource $one): bool => $one->isOfYearWithoutLetter($year));

        return array_values($exact ?: $unlettered);
    }

    /**
     * The one whose title the sentence names: "In Moonpower, Brook counts …".
     *
     * @param  list<KnownSource>  $sources
     * @return list<KnownSource>
     */
    private function meantBy(string $sentence, array $sources): array
    {
        $plain = ' '.Plain::words($sentence).' ';
        $named = array_values(array_filter(
            $sources,
            static fn (KnownSource $one): bool => $one->title !== '' && str_contains($plain, " {$one->title} "),
        ));

        return count($named) === 1 ? $named : [];
    }

    /**
     * @param  list<KnownSource>  $sources  whose first name is right
     * @return list<KnownSource> those whose other names are right as well, as far as they are said
     */
    private function withTheseNames(array $sources, Cite $cite): array
    {
        if ($this->sources->group($cite->who) !== [] || $this->sources->exact($cite->who) === []) {
            return $sources;
        }
        $names = $cite->names();
        $said = array_map(fn (string $one): string => $this->sources->firstName($one)[0], array_slice($names->names, 1));
        $fitting = array_values(array_filter($sources, static function (KnownSource $one) use ($said, $names): bool {
            foreach ($said as $i => $name) {
                if (($one->surnames[$i + 1] ?? null) !== $name) {
                    return false;
                }
            }

            // One name stands for one author, or for three and more where "et al." was forgotten.
            return $names->hasOthers || count($said) + 1 === count($one->surnames) || count($one->surnames) > 2;
        }));
        // "(Brook 15)" means the work by Brook alone where there is one.
        $alone = array_values(array_filter($fitting, static fn (KnownSource $one): bool => count($one->surnames) === count($said) + 1));
        $many = array_values(array_filter($fitting, static fn (KnownSource $one): bool => count($one->surnames) > 2));

        return match (true) {
            $names->hasOthers => $many ?: $fitting,
            default => $alone ?: $fitting,
        };
    }

    /** @param  non-empty-list<KnownSource>  $sources */
    private function wrongName(Cite $cite, array $sources): CitationIssue
    {
        return new CitationIssue('wrong-name', "The entry begins with {$sources[0]->who}, not with {$cite->who}.");
    }

    /**
     * @param  list<CitationIssue>  $issues
     * @return list<CitationIssue> each id once
     */
    private static function once(array $issues): array
    {
        $once = [];
        foreach ($issues as $issue) {
            $once[$issue->id] ??= $issue;
        }

        return array_values($once);
    }

    /** @param  list<string>  $right */
    private static function together(array $right): string
    {
        if (count($right) < 2) {
            return $right[0] ?? '';
        }
        $isInParentheses = array_filter($right, static fn (string $one): bool => ! str_starts_with($one, '(')) === [];

        return $isInParentheses
            ? '('.implode('; ', array_map(static fn (string $one): string => substr($one, 1, -1), $right)).')'
            : implode(', ', $right);
    }
}
