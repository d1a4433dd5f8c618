<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\SourceList;

/** Settings of paragraphs that put something right; lengths are in twentieths of a point, null for what stays. */
final readonly class Mend
{
    /**
     * @param  list<int>  $paragraphs  their places
     * @param  ?float  $lines  the spacing of lines, 1 for single
     * @param  ?int  $first  how far the first line is set in from the others; negative where it hangs
     * @param  string  $align  '' for what stays
     */
    public function __construct(
        public array $paragraphs,
        public ?float $lines = null,
        public bool $isWithoutSpace = false,
        public ?int $first = null,
        public int $left = 0,
        public bool $breaksBefore = false,
        public string $align = '',
    ) {
    }

    /** The same for all paragraphs that are not in a list, which is taken out. */
    public function outside(SourceList $list): self
    {
        return new self(
            array_values(array_filter($this->paragraphs, static fn (int $place): bool => ! $list->holds($place))),
            $this->lines,
            $this->isWithoutSpace,
            $this->first,
            $this->left,
            $this->breaksBefore,
            $this->align,
        );
    }
}
