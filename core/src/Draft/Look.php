<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/**
 * How a paragraph looks once document defaults, styles, numbering and what is set on it directly are resolved, as a
 * word processor resolves them. Lengths are in twentieths of a point (1440 to the inch).
 */
final readonly class Look
{
    /**
     * @param  string  $style  the name of its style
     * @param  ?float  $lines  the spacing of its lines, 1 for single
     * @param  int  $first  how far its first line is set in; negative where it hangs
     * @param  string  $align  start, center, end, both
     * @param  ?float  $size  of its letters, in points
     * @param  bool  $isBold  whether all of it is bold
     * @param  bool  $breaksBefore  whether it begins a sheet
     * @param  bool  $isListed  whether it has a number or a bullet
     * @param  int  $outline  1 for a first heading; 0 for text
     */
    public function __construct(
        public string $style = '',
        public ?float $lines = null,
        public int $before = 0,
        public int $after = 0,
        public int $left = 0,
        public int $right = 0,
        public int $first = 0,
        public string $align = 'start',
        public string $face = '',
        public ?float $size = null,
        public bool $isBold = false,
        public bool $isItalic = false,
        public bool $breaksBefore = false,
        public bool $isListed = false,
        public int $outline = 0,
    ) {
    }
}
