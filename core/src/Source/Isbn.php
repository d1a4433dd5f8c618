<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * An International Standard Book Number in either length, whatever hyphens and spaces it was typed with.
 *
 * Source: ISO 2108: thirteen digits weighted 1 and 3 in turn, or ten weighted 10 to 1 with X for ten.
 */
final readonly class Isbn
{
    /** @param  string  $digits  13 digits, or 9 and a digit or X */
    private function __construct(public string $digits)
    {
    }

    /** The number in a text that is one; null where it has another length or its check digit does not fit. */
    public static function parse(string $typed): ?self
    {
        $digits = strtoupper((string) preg_replace('/^\s*ISBN(?:-1[03])?:?|[\s\x{2010}-\x{2015}-]+/ui', '', $typed));

        return self::fits($digits) ? new self($digits) : null;
    }

    /** Whether a text has the length of one, right or wrong. */
    public static function looksLike(string $typed): bool
    {
        $digits = (string) preg_replace('/^\s*ISBN(?:-1[03])?:?|[\s\x{2010}-\x{2015}-]+/ui', '', $typed);

        return preg_match('/^(?:97[89]\d{10}|\d{9}[\dX])$/i', $digits) === 1;
    }

    /** The same number in thirteen digits. */
    public function thirteen(): string
    {
        if (strlen($this->digits) === 13) {
            return $this->digits;
        }
        $start = '978'.substr($this->digits, 0, 9);

        return $start.(10 - self::weighted($start) % 10) % 10;
    }

    private static function fits(string $digits): bool
    {
        if (preg_match('/^97[89]\d{10}$/', $digits) === 1) {
            return self::weighted($digits) % 10 === 0;
        }
        if (preg_match('/^\d{9}[\dX]$/', $digits) !== 1) {
            return false;
        }
        $sum = 0;
        foreach (str_split($digits) as $i => $digit) {
            $sum += ($digit === 'X' ? 10 : (int) $digit) * (10 - $i);
        }

        return $sum % 11 === 0;
    }

    private static function weighted(string $digits): int
    {
        $sum = 0;
        foreach (str_split($digits) as $i => $digit) {
            $sum += (int) $digit * ($i % 2 === 0 ? 1 : 3);
        }

        return $sum;
    }
}
