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

    private readonly Matcher $matcher;

    public function __construct(SourceIndex $sources, Style $style)
    {
        $this->forms = FormCheck::of($style);
        $this->matcher = new Matcher($sources, $style->citesYear());
    }

    public function check(Found $found): Checked
    {
        $sources = [];
        $issues = [];
        $right = [];
        $alternatives = [];
        foreach (self::works($found) as $cite) {
            $matched = $this->matcher->match($cite, $found);
            $isOne = count($matched->sources) === 1;
            $forms = array_map(fn (KnownSource $one): string => $this->form($one, $cite), $matched->sources);
            $isOne ? array_push($right, ...$forms) : array_push($alternatives, ...$forms);
            array_push($issues, ...$matched->issues, ...$this->issues($matched, $cite, $found));
            foreach ($matched->sources as $source) {
                $this->cited[$source->id] = true;
                $sources[$source->id] = $source->id;
            }
        }
        $issues = self::once($issues);
        $form = $issues === [] || $alternatives !== [] ? '' : self::together($right);

        return new Checked($found, array_values($sources), $issues, $form, array_values(array_unique($alternatives)));
    }

    /** @return list<CitationIssue> what the style has against it, as far as it is known whom it cites */
    private function issues(Matched $matched, Cite $cite, Found $found): array
    {
        if ($matched->sources === []) {
            return [];
        }
        $first = $matched->sources[0];

        return count($matched->sources) === 1
            ? $this->forms->issues($cite, $first, $found, $matched->issues === [])
            : $this->forms->places($cite, $first, $found);
    }

    /** @return list<Cite> one for each work: "(Brook, 2014, 2016)" cites two */
    private static function works(Found $found): array
    {
        $works = [];
        foreach ($found->cites as $cite) {
            array_push($works, ...(count($cite->years) < 2
                ? [$cite]
                : array_map(static fn (string $year): Cite => $cite->ofYear($year), $cite->years)));
        }

        return $works;
    }

    private function form(KnownSource $source, Cite $cite): string
    {
        return Inline::html($source->citation($cite, ! isset($this->cited[$source->id])));
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
