<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/** A citation held against the page: whom it cites, what is wrong with it, and how it would be right. */
final readonly class Checked
{
    /**
     * @param  list<string>  $sources  ids of those it cites; several where it may mean each of them
     * @param  list<CitationIssue>  $issues
     * @param  string  $right  as the style writes it, with `<i>`; '' where nobody knows whom it cites, or it is right
     *     as it stands
     * @param  list<string>  $alternatives  as the style writes each of those it may mean
     */
    public function __construct(
        public Found $found,
        public array $sources,
        public array $issues,
        public string $right = '',
        public array $alternatives = [],
    ) {
    }
}
