<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/** Something about a citation in a draft that a teacher would mark. */
final readonly class CitationIssue
{
    /**
     * @param  string  $id  "not-on-page", "wrong-year", "wrong-name", "wrong-form", "wants-place", "ambiguous"
     * @param  string  $sentence  what is wrong, in plain words
     */
    public function __construct(public string $id, public string $sentence)
    {
    }
}
