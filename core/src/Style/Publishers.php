<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** Publishers' names without their legal form, and whether two names mean the same house. */
final class Publishers
{
    private const FORM = '/,?\s+(?:Inc|Incorporated|Ltd|Limited|LLC|L\.L\.C|Corp|Corporation|Co|Company|GmbH|S\.?A|PLC|AG|B\.?V)\.?$/u';

    /** Without "Inc." and the like. */
    public static function withoutForm(string $name): string
    {
        $name = trim($name);
        do {
            $before = $name;
            $name = (string) preg_replace(self::FORM, '', $name);
        } while ($name !== $before && str_contains($name, ' '));

        return $name;
    }

    /** MLA: also without "The", and academic presses with U and P. */
    public static function abbreviated(string $name): string
    {
        $name = (string) preg_replace('/^The\s+(?=\S+\s)/u', '', self::withoutForm($name));
        $name = (string) preg_replace('/\s+(?:&|and) (?:Sons|Company|Co)\.?$/u', '', $name);
        if (preg_match('/\bUniversity\b/u', $name) !== 1 || preg_match('/\bPress\b/u', $name) !== 1) {
            return $name;
        }
        $name = (string) preg_replace('/\bUniversity Press\b/u', 'UP', $name);

        return (string) preg_replace(['/\bUniversity\b/u', '/\bPress\b/u'], ['U', 'P'], $name);
    }

    public static function same(string $a, string $b): bool
    {
        return $a !== '' && self::bare($a) === self::bare($b);
    }

    private static function bare(string $name): string
    {
        $name = (string) preg_replace('/^the\s+/u', '', mb_strtolower(self::withoutForm($name)));

        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', str_replace('&', 'and', $name));
    }
}
