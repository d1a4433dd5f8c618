<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Text\Vocabulary;

/**
 * A date as entries print it, in either style, with its spans: "3–5 May 2019", "May–June 2019", "September 30–October
 * 4, 2019".
 */
final class CitedDate
{
    /** Whether a piece of an entry is a date and nothing else. */
    public static function is(string $piece): bool
    {
        $month = self::month();

        return preg_match(
            "/^(?:\\d{1,2}\\s+)?(?:{$month}\\s+|(?:spring|summer|fall|autumn|winter)\\s+)?(?:c\\. )?\\d{4}s?(?:[–-]\\d{2,4})?$|^\\d{1,4} BCE$|^\\d{1,2}(?:st|nd|rd|th) century$/iu",
            $piece,
        ) === 1
            || self::span($piece) !== null;
    }

    /** The date as a form writes it; a span as EDTF; what is no date unchanged. */
    public static function text(string $piece): string
    {
        $span = self::span($piece);
        if ($span !== null) {
            return $span;
        }
        $date = PartialDate::parse($piece);

        return $date->isDate() ? $date->words() : $piece;
    }

    /** "November 3rd, 2022" as "3 November 2022", so that no comma stands inside a date. */
    public static function dayFirst(string $text): string
    {
        return (string) preg_replace(
            '/(?<![\p{L}–-])('.self::month().') (\d{1,2})(?:st|nd|rd|th)?, (\d{4})(?!\d)/u',
            '$2 $1 $3',
            $text,
        );
    }

    private static function span(string $piece): ?string
    {
        $month = self::month();
        $ends = match (true) {
            preg_match("/^(\\d{1,2})[–-](\\d{1,2}) ({$month}) (\\d{4})$/iu", $piece, $m) === 1 => ["{$m[1]} {$m[3]} {$m[4]}", "{$m[2]} {$m[3]} {$m[4]}"],
            preg_match("/^(\\d{1,2} {$month})[–-](\\d{1,2} {$month}) (\\d{4})$/iu", $piece, $m) === 1,
            preg_match("/^({$month})[–-]({$month}),? (\\d{4})$/iu", $piece, $m) === 1 => ["{$m[1]} {$m[3]}", "{$m[2]} {$m[3]}"],
            preg_match("/^({$month}) (\\d{1,2})[–-](\\d{1,2}), (\\d{4})$/iu", $piece, $m) === 1 => ["{$m[2]} {$m[1]} {$m[4]}", "{$m[3]} {$m[1]} {$m[4]}"],
            preg_match("/^({$month} \\d{1,2})[–-]({$month} \\d{1,2}), (\\d{4})$/iu", $piece, $m) === 1 => ["{$m[1]}, {$m[3]}", "{$m[2]}, {$m[3]}"],
            default => null,
        };
        if ($ends === null) {
            return null;
        }
        [$from, $to] = [PartialDate::parse($ends[0]), PartialDate::parse($ends[1])];

        return $from->isDate() && $to->isDate() ? "{$from->edtf()}/{$to->edtf()}" : null;
    }

    /** A pattern for a day as MLA prints it: "3 May 2019". */
    public static function day(): string
    {
        return '\d{1,2} '.self::month().' \d{4}';
    }

    private static function month(): string
    {
        return '(?i:'.Vocabulary::all()->monthStart().')[a-z]*\.?';
    }
}
