<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

/** What the months are called in a language, on their own and in a date ("август", "августа"), by Unicode's CLDR. */
final class MonthNames
{
    /** @var array<string, array<string, int>> */
    private static array $known = [];

    /** @param  string  $locale  a language with or without its region: "hu", "bg-BG" */
    public function __construct(private readonly string $locale)
    {
    }

    /**
     * @return array<string, int> the month's number by its name in small letters; none for English and what is no
     *         language
     */
    public function numbers(): array
    {
        $language = strtolower(substr($this->locale, 0, 2));
        if ($language === 'en' || preg_match('/^[a-z]{2}(?:[-_]|$)/i', $this->locale) !== 1) {
            return [];
        }

        return self::$known[$language] ??= self::named($language);
    }

    /** @return array<string, int> */
    private static function named(string $language): array
    {
        $months = [];
        foreach (['LLLL', 'MMMM', 'MMM'] as $pattern) {
            $format = new \IntlDateFormatter(
                $language,
                \IntlDateFormatter::NONE,
                \IntlDateFormatter::NONE,
                'UTC',
                null,
                $pattern,
            );
            for ($month = 1; $month <= 12; $month++) {
                $name = rtrim(mb_strtolower((string) $format->format(gmmktime(12, 0, 0, $month, 15, 2021) ?: 0)), '.');
                if (preg_match('/^\p{L}{3,}$/u', $name) === 1) {
                    $months[$name] ??= $month;
                }
            }
        }

        return $months;
    }
}
