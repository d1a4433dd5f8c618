<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

use Bibrel\Core\Text\Vocabulary;

/** Publishers' names without their legal form, and whether two names mean the same house. */
final class Publishers
{
    /** Words for a business's legal structure, which say nothing about the house. */
    private const STRUCTURE = '/,?\s+(?:Inc|Incorporated|Ltd|Limited|L\.?L\.?C|GmbH|P\.?L\.?C|AG|S\.A|B\.V)\.?$/u';

    /** MLA leaves off every business word. */
    private const BUSINESS = '/,?\s+(?:(?:&|and)\s+)?(?:Corp|Corporation|Co|Company)\.?$/u';

    /** Without "Inc." and the like. */
    public static function withoutForm(string $name): string
    {
        return self::without(self::STRUCTURE, trim($name));
    }

    /** MLA: also without "Company" and "The", "and" for "&", and academic presses with U and P. */
    public static function abbreviated(string $name): string
    {
        do {
            $before = $name;
            $name = self::without(self::BUSINESS, self::withoutForm($name));
        } while ($name !== $before);
        $name = (string) preg_replace(['/^The\s+(?=\S)/u', '/\s&\s/u'], ['', ' and '], $name);
        if (preg_match('/\bUniversity\b/u', $name) !== 1 || preg_match('/\bPress\b/u', $name) !== 1) {
            return $name;
        }

        return (string) preg_replace(
            ['/\bUniversity Press\b/u', '/\bUniversity\b/u', '/\bPress\b/u'],
            ['UP', 'U', 'P'],
            $name,
        );
    }

    /** MLA: a school stands with U for "University". */
    public static function school(string $name): string
    {
        return (string) preg_replace('/\bUniversity\b/u', 'U', $name);
    }

    private static function without(string $words, string $name): string
    {
        $shorter = (string) preg_replace($words, '', $name);

        return $shorter === '' ? $name : $shorter;
    }

    /** Whether a name holds a word that publishers and other organisations have: "Press", "Verlag". */
    public static function isHouse(string $name): bool
    {
        return Name::isOrganisation($name)
            || preg_match('/\b(?:'.Vocabulary::all()->pattern('houses').')\b/iu', $name) === 1;
    }

    public static function same(string $a, string $b): bool
    {
        return $a !== '' && $b !== '' && self::mayBeSame($a, $b) && self::bare($a) === self::bare($b);
    }

    /** Whether two names begin alike; an article at the head of one of them does not count. */
    private static function mayBeSame(string $a, string $b): bool
    {
        return strncasecmp($a, $b, 1) === 0
            || ! ctype_alpha($a[0].$b[0])
            || stripos($a, 'the ') === 0
            || stripos($b, 'the ') === 0;
    }

    private static function bare(string $name): string
    {
        $name = (string) preg_replace(
            '/^the\s+/u',
            '',
            mb_strtolower(self::without(self::BUSINESS, self::withoutForm($name))),
        );

        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', str_replace('&', 'and', $name));
    }
}
