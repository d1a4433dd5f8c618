<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** A picture as it is set into a paper: what its caption says besides what its source says. */
final readonly class Figure
{
    /**
     * @param  string  $number  as the paper counts it
     * @param  string  $words  what the student says of it; '' where nothing
     * @param  bool  $isAdapted  whether it was changed
     * @param  string  $rights  who allows it to be shown, or its licence: "CC BY 4.0"; '' where nobody said
     */
    public function __construct(
        public string $number = '1',
        public string $words = '',
        public bool $isAdapted = false,
        public string $rights = '',
    ) {
    }
}
