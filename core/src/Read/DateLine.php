<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Text\Vocabulary;

/**
 * The date in what a page prints or notes down, with weekday, time and zone around it: "Wed, 21 Sep 2011 20:35:28 GMT",
 * "8/17/13 11:04am", "20100812". Where day and month could be swapped, the zone or the language decides; where neither
 * does, there is no date: a wrong one is worse than none.
 */
final readonly class DateLine
{
    /** Zones of a country that writes the month first. */
    private const MONTH_FIRST = '/\b(?:[ECMP][SD]?T)\b/';

    private const DAY_FIRST = '/\b(?:A[EWC][SD]T|GMT|BST|CES?T|WES?T|IST)\b/';

    /** Where the day stands first; of English all but that of one country. */
    private const DAY_FIRST_LOCALES = [
        'en-gb', 'en-au', 'en-nz', 'en-ie', 'en-in', 'en-za', 'fr', 'de', 'es', 'it', 'pt', 'nl', 'da', 'sv', 'nb',
        'no', 'fi', 'pl', 'cs', 'ru', 'tr', 'el', 'ca', 'ro',
    ];

    public function __construct(private string $text)
    {
    }

    /** @param  string  $locale  the page's language with its region, as "en-US" or "fr"; '' where it is open */
    public function date(string $locale = ''): PartialDate
    {
        $text = $this->text;
        $date = PartialDate::parse($text);
        if ($date->isDate()) {
            return $date;
        }
        $text = self::inEnglish($text, $locale);
        $month = '(?:'.Vocabulary::all()->monthStart().')[a-z]*';
        $found = match (true) {
            preg_match('/^((?:19|20)\d\d)(0[1-9]|1[0-2])([0-2]\d|3[01])(?:[T ]?\d{4,6})?$/', trim($text), $m) === 1 => "{$m[1]}-{$m[2]}-{$m[3]}",
            preg_match('/(?<!\d)(\d{4}-\d{2}-\d{2})(?=[T ]|$)/', $text, $m) === 1 => $m[1],
            preg_match('/(?<!\d)((?:19|20)\d\d)\.\s?(0?[1-9]|1[0-2])\.\s?([0-2]?\d|3[01])(?!\d)/', $text, $m) === 1 => sprintf('%s-%02d-%02d', $m[1], $m[2], $m[3]),
            preg_match(
                "/(?<![\\d:])(\\d{1,2})(?:st|nd|rd|th)?[ -]({$month})\\.?,?[ -](\\d{4})(?!\\d)/i",
                $text,
                $m,
            ) === 1 => "{$m[1]} {$m[2]} {$m[3]}",
            preg_match("/(?<!\\d)(\\d{4})\\.? ({$month})\\.? (\\d{1,2})(?!\\d)/i", $text, $m) === 1 => "{$m[3]} {$m[2]} {$m[1]}",
            preg_match("/\\b({$month})\\.? (\\d{1,2})(?:st|nd|rd|th)?,? (\\d{4})(?!\\d)/i", $text, $m) === 1 => "{$m[1]} {$m[2]} {$m[3]}",
            preg_match(
                "/\\b({$month}) (\\d{1,2}) \\d{1,2}:\\d{2}(?::\\d{2})? (?:\\S+ )?(\\d{4})$/i",
                trim($text),
                $m,
            ) === 1 => "{$m[1]} {$m[2]} {$m[3]}",
            default => self::numbers($text, strtolower(str_replace('_', '-', $locale))),
        };

        return $found === '' ? $date : PartialDate::parse($found);
    }

    /** The text with its months in English, and without the small words in "3 de mayo de 2020" and after "2015 г.". */
    private static function inEnglish(string $text, string $locale): string
    {
        $months = (new MonthNames($locale))->numbers();
        if ($months === []) {
            return $text;
        }
        $text = (string) preg_replace('/(?<=\d)\s+de\s+|(?<=\p{L})\s+de\s+(?=\d{4})/u', ' ', $text);

        return (string) preg_replace_callback(
            '/\p{L}{3,}/u',
            static fn (array $m): string => isset($months[mb_strtolower($m[0])])
                ? date('M', mktime(0, 0, 0, $months[mb_strtolower($m[0])], 1, 2001) ?: 0)
                : $m[0],
            $text,
        );
    }

    /** A date of three numbers, as EDTF; '' where there is none or its order is open. */
    private static function numbers(string $text, string $locale): string
    {
        if (preg_match(
            '~(?<![\d/.:-])(\d{1,2})\s*([/.-])\s*(\d{1,2})\s*\2\s*((?:19|20)?\d\d)(?![\d/])~',
            $text,
            $m,
        ) !== 1) {
            return '';
        }
        [, $a, , $b, $year] = $m;
        $dayFirst = match (true) {
            $a > 12 => true,
            $b > 12, $a === $b => false,
            preg_match(self::MONTH_FIRST, $text) === 1 => false,
            preg_match(self::DAY_FIRST, $text) === 1 => true,
            $locale === 'en-us' => false,
            in_array($locale, self::DAY_FIRST_LOCALES, true), in_array(
                substr($locale, 0, 2),
                self::DAY_FIRST_LOCALES,
                true,
            ) => true,
            default => null,
        };
        if ($dayFirst === null) {
            return '';
        }
        $year = strlen($year) === 4 ? (int) $year : (int) $year + ((int) $year < 90 ? 2000 : 1900);

        return sprintf('%04d-%02d-%02d', $year, $dayFirst ? $b : $a, $dayFirst ? $a : $b);
    }
}
