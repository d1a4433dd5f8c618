<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

use Bibrel\Core\Text\Vocabulary;

/**
 * A date as far as it is known: year; year and month or season; full; a range; circa; or words that are no date.
 *
 * Written down as the text it was read from, so that what somebody typed is never lost. Reads EDTF (ISO 8601-2, level
 * 1: "2023-05", "2023-21" for spring, "1890~", "2019/2021") and the usual English ways of writing a date. A text with
 * only digits and slashes in which day and month could be swapped is not guessed at: it stays words, with a problem.
 */
final readonly class PartialDate
{
    /**
     * @param  string  $text  as typed or found
     * @param  ?int  $month  1 to 12, or 21 to 24 for a season (EDTF)
     * @param  ?self  $end  the last date of a range
     * @param  ?string  $problem  one plain sentence where the text cannot be a date
     */
    private function __construct(
        public string $text,
        public ?int $year = null,
        public ?int $month = null,
        public ?int $day = null,
        public ?self $end = null,
        public bool $circa = false,
        public ?string $problem = null,
    ) {
    }

    public static function none(): self
    {
        return new self('');
    }

    public static function of(int $year, ?int $month = null, ?int $day = null): self
    {
        return self::parse(match (true) {
            $month === null => sprintf('%04d', $year),
            $day === null => sprintf('%04d-%02d', $year, $month),
            default => sprintf('%04d-%02d-%02d', $year, $month, $day),
        });
    }

    public static function parse(string $typed): self
    {
        if ($typed === '') {
            return new self('');
        }
        if (strlen($typed) === 4 && ctype_digit($typed)) {
            return new self($typed, (int) $typed);
        }
        $text = trim((string) preg_replace('/\s+/u', ' ', mb_scrub($typed)));
        if ($text === '' || preg_match('/^(n\.?\s?d\.?|no date|none)$/i', $text) === 1) {
            return new self('');
        }

        return self::bracketed($text)
            ?? self::about($text)
            ?? self::spanned($text)
            ?? self::days($text)
            ?? self::single($text);
    }

    /** A cataloguer's brackets say where the date is from, and are no part of it. */
    private static function bracketed(string $text): ?self
    {
        $inner = preg_match('/^\[([^\[\]]+)\]$/u', $text, $m) === 1 ? self::parse($m[1]) : null;

        return $inner?->isDate() === true ? $inner : null;
    }

    /** About a year, and before the common era. */
    private static function about(string $text): ?self
    {
        if (preg_match('/^(c(?:a|irca)?\.?\s?)?(\d{1,4})\s?b\.?\s?c\.?(?:\s?e\.?)?$/i', $text, $m) === 1) {
            return new self($text, -(int) $m[2], circa: $m[1] !== '');
        }
        $isAbout = preg_match('/^(?:c\.|ca\.|circa|about)\s?(\d{3,4})$/iu', $text, $m) === 1
            || preg_match('/^(\d{3,4})~$/', $text, $m) === 1;

        return $isAbout ? new self($text, (int) $m[1], circa: true) : null;
    }

    /** From one date to another. */
    private static function spanned(string $text): ?self
    {
        if (preg_match('~^(.{4,}?)\s?/\s?(.{4,})$~u', $text, $m) === 1) {
            [$from, $to] = [self::parse($m[1]), self::parse($m[2])];

            return $from->year !== null && $to->year !== null ? self::range($text, $from, $to) : null;
        }
        if (preg_match('/^(\d{4})\s?[–-]\s?(\d{4})$/u', $text, $m) === 1) {
            return self::range($text, self::parse($m[1]), self::parse($m[2]));
        }
        // After a year 13 and more is no month, 21 to 24 are seasons, and a dash parts years.
        $isShort = preg_match('/^(\d{4})(?:–|-(?=1[3-9]|20|2[5-9]|[3-9]\d))(\d{2})$/u', $text, $m) === 1
            && (int) $m[2] > (int) substr($m[1], 2);

        return $isShort ? self::range($text, self::parse($m[1]), self::parse(substr($m[1], 0, 2).$m[2])) : null;
    }

    /** Days of one month, and years of two figures, which nobody can be sure of. */
    private static function days(string $text): ?self
    {
        $short = '~^(?:\d{1,2}[ /.-]){2}[\'’]?\d{2}$|^\d{1,2} \p{L}+\.? [\'’]?\d{2}$'
            .'|^\p{L}+\.? \d{1,2}, [\'’]?\d{2}$~u';
        if (preg_match($short, $text) === 1) {
            return new self($text, problem: "The year in “{$text}” has two figures only. Write all four.");
        }
        $days = '(?<from>\d{1,2})\s?[–-]\s?(?<to>\d{1,2})';
        $isSpan = preg_match("/^(?<month>\p{L}+)\.? {$days},? (?<year>\d{4})$/u", $text, $m) === 1
            || preg_match("/^{$days} (?<month>\p{L}+)\.? (?<year>\d{4})$/u", $text, $m) === 1;
        if (! $isSpan) {
            return null;
        }
        $month = "{$m['month']} {$m['year']}";
        [$start, $end] = [self::parse("{$m['from']} {$month}"), self::parse("{$m['to']} {$month}")];

        return $start->year !== null && $end->year !== null ? self::range($text, $start, $end) : new self($text);
    }

    /**
     * The day that words count back to, "yesterday", "3 days ago", as one writes it; null for other words.
     *
     * @param  int  $today  as YYYYMMDD
     */
    public static function counted(string $text, int $today): ?string
    {
        $day = \DateTimeImmutable::createFromFormat('!Ymd', (string) $today) ?: null;
        $back = self::back(trim($text));
        // Hours are counted from midday: nobody knows when it was read.
        $when = $back === '' || $day === null ? null : ($day->modify("+12 hours -{$back}") ?: null);
        $format = preg_match('/(year|month)/', $back, $m) === 1 ? ['year' => 'Y', 'month' => 'Y-m'][$m[1]] : 'Y-m-d';

        return $when?->format($format);
    }

    /** How long ago words say something was: "3 days"; '' for other words. */
    private static function back(string $text): string
    {
        $units = 'second|minute|hour|day|week|month|year';
        $short = ['h' => 'hours', 'd' => 'days', 'w' => 'weeks', 'm' => 'minutes'];

        return match (true) {
            preg_match('/^(?:today|just now|now|moments? ago)$/i', $text) === 1 => '0 days',
            preg_match('/^yesterday$/i', $text) === 1 => '1 day',
            preg_match("/^(?:an?|one)\\s+({$units})s?\\s+ago$/i", $text, $m) === 1,
            preg_match('/^last\\s+(week|month|year)$/i', $text, $m) === 1 => "1 {$m[1]}",
            preg_match("/^(\\d{1,3})\\s*({$units})s?\\s+ago$/i", $text, $m) === 1 => "{$m[1]} {$m[2]}s",
            preg_match('/^(\d{1,3})\s?([hdwm])(?:in)?(?:\s+ago)?$/i', $text, $m) === 1 => "{$m[1]} "
                .$short[strtolower($m[2])],
            default => '',
        };
    }

    public function isNone(): bool
    {
        return $this->text === '';
    }

    /** Whether the text was understood as a date. */
    public function isDate(): bool
    {
        return $this->year !== null;
    }

    public function isSeason(): bool
    {
        return $this->month !== null && $this->month > 20;
    }

    /** The first moment of the date as YYYYMMDD, for comparing; null where it is no date. */
    public function ordinal(): ?int
    {
        if ($this->year === null) {
            return null;
        }
        $month = match (true) {
            $this->month === null => 0,
            $this->isSeason() => ($this->month - 21) * 3 + 3,
            default => $this->month,
        };

        return $this->year * 10000 + $month * 100 + ($this->day ?? 0);
    }

    /** @return string EDTF where the text is a date, the text itself where it is not */
    public function edtf(): string
    {
        if ($this->year === null) {
            return $this->text;
        }
        // Astronomers count a year 0, which 1 BCE is.
        $date = ($this->year < 0 ? sprintf('-%04d', -$this->year - 1) : sprintf('%04d', $this->year))
            .($this->month === null ? '' : sprintf('-%02d', $this->month))
            .($this->day === null ? '' : sprintf('-%02d', $this->day));

        return $date.($this->circa ? '~' : '').($this->end === null ? '' : '/'.$this->end->edtf());
    }

    /** The date as one would write it into a form: "12 October 2022"; the text itself where it is no date. */
    public function words(): string
    {
        if ($this->year === null || $this->end !== null || $this->circa) {
            return $this->text;
        }
        $month = match (true) {
            $this->month === null => '',
            default => Vocabulary::all()->monthName($this->month),
        };

        return trim(($this->day ?? '').' '.$month.' '.$this->year);
    }

    private static function range(string $text, self $from, self $to): self
    {
        return new self($text, $from->year, $from->month, $from->day, $to, $from->circa);
    }

    private static function single(string $text): self
    {
        // A time of day after the date says nothing a style prints.
        $date = (string) preg_replace('/(?:[T ]|,? at )\d{1,2}:\d{2}.*$/u', '', $text);
        $date = (string) preg_replace(
            '/^(?:mon|tues|wednes|thurs|fri|satur|sun)day,?\s+|^(?:mon|tue|wed|thu|fri|sat|sun),?\s+/i',
            '',
            $date,
        );
        $found = preg_match('/\p{L}{3,}/u', $date) === 1
            ? self::inWords($text, self::inEnglish($date))
            : self::inFigures($text, $date);

        return $found ?? new self($text);
    }

    /** With months in English, and without the small words in "3 de mayo de 2020". */
    private static function inEnglish(string $date): string
    {
        $date = (string) preg_replace('/(?<=\d)\s+de\s+|(?<=\p{L})\s+de\s+(?=\d{4})/u', ' ', $date);

        return (string) preg_replace_callback('/\p{L}{3,}/u', static function (array $m): string {
            $number = Vocabulary::all()->monthNumber($m[0]);

            return $number === null ? $m[0] : Vocabulary::all()->monthName($number);
        }, $date);
    }

    private static function inFigures(string $text, string $date): ?self
    {
        return match (true) {
            preg_match('/^(\d{4})$/', $date, $m) === 1 => new self($text, (int) $m[1]),
            preg_match('/^(\d{4})-(\d{1,2})$/', $date, $m) === 1 => self::checked($text, (int) $m[1], (int) $m[2]),
            preg_match('~^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$~', $date, $m) === 1 => self::checked($text, (int) $m[1], (int) $m[2], (int) $m[3]),
            preg_match('~^(\d{1,2})[/.](\d{1,2})[/.](\d{4})$~', $date, $m) === 1 => self::swappable($text, (int) $m[1], (int) $m[2], (int) $m[3]),
            default => null,
        };
    }

    private static function inWords(string $text, string $date): ?self
    {
        $month = '(?<month>(?:'.Vocabulary::all()->monthStart().')[a-z]*)\.?';
        $day = '(?<day>\d{1,2})(?:st|nd|rd|th)?';
        $year = '(?<year>\d{4})';
        foreach ([
            "{$day}\\.? (?:of )?{$month},? {$year}",
            "{$month} {$day},? {$year}",
            "{$year},? {$month} (?<day>\\d{1,2})",
            "{$month},? {$year}",
            "{$year},? {$month}",
        ] as $order) {
            if (preg_match("/^{$order}$/i", $date, $m) === 1) {
                return self::checked(
                    $text,
                    (int) $m['year'],
                    (int) Vocabulary::all()->monthByStart($m['month']),
                    isset($m['day']) ? (int) $m['day'] : null,
                );
            }
        }
        if (preg_match('/^(\p{L}+),? (\d{4})$/u', $date, $m) !== 1) {
            return null;
        }
        $season = Vocabulary::all()->seasonNumber($m[1]);

        return $season === null ? null : new self($text, (int) $m[2], $season);
    }

    private static function checked(string $text, int $year, int $month, ?int $day = null): self
    {
        if ($month >= 21 && $month <= 24 && $day === null) {
            return new self($text, $year, $month);
        }
        if ($month < 1 || $month > 12) {
            return new self($text, problem: "“{$text}” names month {$month}, and a year has twelve. Check the date.");
        }
        if ($day !== null && ! checkdate($month, $day, $year)) {
            $name = Vocabulary::all()->monthName($month);

            return new self($text, problem: "{$name} {$year} has no day {$day}. Check the date.");
        }

        return new self($text, $year, $month, $day);
    }

    private static function swappable(string $text, int $a, int $b, int $year): self
    {
        return match (true) {
            $a > 12 => self::checked($text, $year, $b, $a),
            $b > 12, $a === $b => self::checked($text, $year, $a, $b),
            default => new self(
                $text,
                problem: "“{$text}” can be read with the day or the month first. Write the month as a word.",
            ),
        };
    }
}
