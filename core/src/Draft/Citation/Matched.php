<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/** The sources a citation may mean, and what is wrong in how it names them. */
final readonly class Matched
{
    /**
     * @param  list<KnownSource>  $sources
     * @param  list<CitationIssue>  $issues
     */
    public function __construct(public array $sources, public array $issues = [])
    {
    }

    public static function none(string $sentence): self
    {
        return new self([], [new CitationIssue('not-on-page', $sentence)]);
    }

    /**
     * The same with an issue, unless it has one already: what is known of the wrong name says enough.
     *
     * @param  list<KnownSource>  $sources
     */
    public function narrowedTo(array $sources, ?CitationIssue $issue = null): self
    {
        return new self($sources, $this->issues !== [] || $issue === null ? $this->issues : [$issue]);
    }
}
