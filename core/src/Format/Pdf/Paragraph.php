<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Pdf;

use Bibrel\Core\Format\Stretch;

/** A paragraph in lines; indents are in points. */
final readonly class Paragraph
{
    /** @param  list<list<Stretch>>  $lines */
    public function __construct(
        public array $lines,
        private float $first = 0,
        private float $others = 0,
        public bool $isHeading = false,
    ) {
    }

    public function indent(int $line): float
    {
        return $line === 0 ? $this->first : $this->others;
    }
}
