<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/** How the sheets of a draft are set; lengths are in twentieths of a point, 1440 to the inch. */
final readonly class SheetLook
{
    /**
     * @param  string  $header  the text at the head of an ordinary sheet
     * @param  bool  $hasNumber  whether a field there counts the sheets
     */
    public function __construct(
        public int $width,
        public int $height,
        public int $top,
        public int $right,
        public int $bottom,
        public int $left,
        public string $header = '',
        public bool $hasNumber = false,
    ) {
    }
}
