<?php

declare(strict_types=1);

namespace Bibrel\App\Sharing;

use Illuminate\Support\Str;

/** What a link ends with that is given out: letters and figures of more than 250 bits, which nobody can guess. */
final class LinkToken
{
    private const LENGTH = 43;

    public static function make(): string
    {
        return Str::random(self::LENGTH);
    }

    /** Whether a text is long enough to be one, so that it is worth looking for. */
    public static function mayBe(string $text): bool
    {
        return strlen($text) === self::LENGTH;
    }
}
