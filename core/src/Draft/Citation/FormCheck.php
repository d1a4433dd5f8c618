<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Style\Style;

/** What one style has against the form of a citation whose source is known. */
abstract class FormCheck
{
    /** @param  bool  $shortensLater  whether “et al.” may stand though the style names all at first */
    public function __construct(private readonly bool $shortensLater)
    {
    }

    public static function of(Style $style): self
    {
        return $style->citesYear() ? new YearForm($style->shortensLater()) : new PageForm($style->shortensLater());
    }

    /**
     * @param  bool  $hasNames  whether its names are those of the source, so that their form can be looked at
     * @return list<CitationIssue>
     */
    public function issues(Cite $cite, KnownSource $source, Found $found, bool $hasNames): array
    {
        $sentence = $this->other($cite, $source)
            ?: ($hasNames ? $this->names($cite, $source) : '')
            ?: $this->form($cite, $source);

        return [
            ...($sentence === '' ? [] : [new CitationIssue('wrong-form', $sentence)]),
            ...$this->places($cite, $source, $found),
        ];
    }

    /** @return list<CitationIssue> what is said of a quotation without a place */
    public function places(Cite $cite, KnownSource $source, Found $found): array
    {
        return $found->isQuotation && ! $found->hasPlace() && ! $cite->passesOn && $this->wantsPlace($source)
            ? [new CitationIssue('wants-place', 'Words in quotation marks want the place they stand at.')]
            : [];
    }

    /** What is in the form of another style, as a sentence. */
    abstract protected function other(Cite $cite, KnownSource $source): string;

    /** What is wrong between the names and the place, as a sentence. */
    abstract protected function form(Cite $cite, KnownSource $source): string;

    /** "and" or "&" */
    abstract protected function conjunction(Cite $cite): string;

    abstract protected function wantsPlace(KnownSource $source): bool;

    private function names(Cite $cite, KnownSource $source): string
    {
        if ($source->isByTitle || $source->groups !== []) {
            return '';
        }
        $said = $cite->names();
        if (count($source->surnames) === 1) {
            return $said->hasOthers ? 'The source has one author: “et al.” says there are more.' : '';
        }

        return $this->others($said, new NameWords($source->who)) ?: $this->joined($said, $cite);
    }

    /** Whether "et al." stands where it is wanted. */
    private function others(NameWords $said, NameWords $right): string
    {
        return match (true) {
            $said->isOthersMisspelt => 'It is written “et al.”: a full stop after “al”, none after “et”, and no comma '
                .'after one name.',
            $this->shortensLater || $said->hasOthers === $right->hasOthers => '',
            $right->hasOthers => 'A source with three authors or more is cited by the first name and “et al.”',
            default => 'The source has two authors: both are named.',
        };
    }

    private function joined(NameWords $said, Cite $cite): string
    {
        $wanted = $this->conjunction($cite);

        return match (true) {
            $said->conjunction === '' || $said->conjunction === $wanted => '',
            $wanted === '&' => 'In parentheses, “&” stands between two names.',
            default => 'Between two names stands “and” here, not “&”.',
        };
    }
}
