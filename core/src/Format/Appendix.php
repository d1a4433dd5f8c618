<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Text\Run;

/** What stands after the page on sheets of its own, such as notes: below headings, in paragraphs. */
final readonly class Appendix
{
    /** @param  list<array{heading: string, paragraphs: list<list<Run>>}>  $sections */
    public function __construct(public string $heading, public array $sections)
    {
    }
}
