<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Text\Vocabulary;

/**
 * A line that says where in a periodical an article stands: "Folklore Review. Spring2016, Vol. 69 Issue 2, p45-61",
 * "Vol. 14, No. 3 (Autumn, 1987), pp. 201-224", "The Skerry Gazette, Sunday 3 April 1904 - Page 4".
 */
final readonly class IssueLine
{
    private const PAGES = '/(?<![\p{L}\d])(?:pp?\.?|pages?|págs?\.?|S\.)\s*(?=[\p{Lu}\d])((?:\p{Lu}{1,2})?\d+(?:\s*[-–—]\s*(?:\p{Lu}{1,2})?\d+)?\+?)(?![\p{L}\d])/iu';

    private const VOLUME = '/(?<!\p{L})(?:vol(?:ume)?s?\.?|v\.|tome|tomo|t\.|jahrgang|jg\.|band|bd\.)\s*(\d+|[IVXLC]+(?!\p{L}))/iu';

    private const ISSUE = '/(?<!\p{L})(?:no\.?|issue|iss\.?|nr\.?|n[.º°o]{1,3}|n(?:ú|u)m(?:ero)?\.?|numéro|number|heft)\s*(\d+(?:[-–\/]\d+)?)(?!\d)/iu';

    /** Volume and issue as scholarly references write them: "9 (4)", "7(1)". */
    private const BOTH = '/(?<![\p{L}\d])(\d{1,4})\s?\((\d{1,3}(?:[-–\/]\d+)?)\)/u';

    private const SAID = '(?<!\p{L})(?:vol|no|issue|jahrgang|heft|nr|bd|tom[eo]|n[°º])';

    private const SEASON = '(?:spring|summer|autumn|fall|winter)';

    private const WEEKDAY = '(?:(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\.?,?\s+)?';

    /**
     * @param  string  $periodical  '' where the line does not begin with its name
     * @param  string  $date  as a form writes it
     */
    private function __construct(
        public string $periodical,
        public string $volume,
        public string $issue,
        public string $pages,
        public string $date,
    ) {
    }

    /** The line taken apart; null where it does not say at least a volume, or a page and a day. */
    public static function parse(string $line): ?self
    {
        $rest = $line;
        $take = static function (string $pattern) use (&$rest): array {
            if (preg_match($pattern, $rest, $m) !== 1) {
                return ['', ''];
            }
            $rest = str_replace($m[0], "\x1F", $rest);

            return [$m[1], $m[2] ?? ''];
        };
        [$volume] = $take(self::VOLUME);
        [$issue] = $take(self::ISSUE);
        if ($volume === '' && $issue === '') {
            [$volume, $issue] = $take(self::BOTH);
        }
        [$pages] = $take(self::PAGES);
        // Two numbers in a text are no volume and issue unless pages follow, or nothing.
        if ($volume !== ''
            && $issue !== ''
            && $pages === ''
            && preg_match('/'.self::SAID.'/iu', $line) !== 1
            && preg_match('/\x1F\W*$/u', $rest) !== 1) {
            return null;
        }
        $date = self::date($take);
        if ($volume === '' && ($pages === '' || $date->day === null)) {
            return null;
        }
        $name = trim(
            (string) preg_replace(
                [
                    '/\x1F.*$/us',
                    '/\s*\([^)]*\d{4}[^)]*\)?\s*$/u',
                    '/,?\s*ISSN[\s:]*[\dXx-]+\W*$/u',
                    '/[\s(,;:.–—-]+$/u',
                ],
                '',
                $rest,
            ),
        );

        return new self(
            preg_match('/\p{L}{2}/u', $name) === 1 && mb_strlen($name) <= 90 ? $name : '',
            $volume,
            $issue,
            (string) preg_replace('/\s*[-–—]\s*/u', '-', $pages),
            $date->isDate() ? $date->words() : '',
        );
    }

    /** @param  callable(string): array{string, string}  $take  takes what a pattern finds out of the line */
    private static function date(callable $take): PartialDate
    {
        $month = Vocabulary::all()->monthPattern();
        $day = self::WEEKDAY;
        [$date] = $take(
            '/(?<!\p{L})('.$day."(?:\\d{1,2}\\s+{$month}|{$month}\\s+\\d{1,2}|{$month}|".self::SEASON
                .'),?\s*(?:1[5-9]|20)\d\d)(?!\d)/iu',
        );
        // A name may hold the years a paper ran: "(Skerry : 1871 - 1922)".
        [$year] = $date === '' ? $take('/(?<![\d:–-]\s)(?<![\d:–-])((?:1[5-9]|20)\d\d)(?!\s?[-–]\s?[\d)]|\d)/u') : [''];

        return PartialDate::parse(
            (string) preg_replace(
                ['/^'.$day.'/iu', '/(?<=\p{L})(?=\d{4})/u', '/(?<=\p{L}),\s*(?=\d{4}$)/u'],
                ['', ' ', ' '],
                $date === '' ? $year : $date,
            ),
        );
    }
}
