<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

enum Confidence: string
{
    /** The source says so about itself, in a place made for saying it. */
    case Stated = 'stated';
    /** It stands where such a thing usually stands. */
    case Likely = 'likely';
    /** It could be, and somebody should look. */
    case Guess = 'guess';

    public function rank(): int
    {
        return match ($this) {
            self::Stated => 0,
            self::Likely => 1,
            self::Guess => 2,
        };
    }
}
