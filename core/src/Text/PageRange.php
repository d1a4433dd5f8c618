<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Page numbers as a style prints them: an en dash in a range, and in MLA the second number shortened to its last two
 * figures where that is clear.
 *
 * Source: MLA Handbook, 9th ed., 2.139 (215–39, 101–04, 1003–05, 98–101); APA Publication Manual, 7th ed., 9.28 (in
 * full).
 */
final readonly class PageRange
{
    public function __construct(private string $pages)
    {
    }

    /** As one types them, with a hyphen: "215–39" as "215-39", "xiv–xvi" as "xiv-xvi". */
    public function typed(): string
    {
        return (string) preg_replace('/(?<=[\divxlc])[–—](?=[A-Z]?[\divxlc])/u', '-', $this->pages);
    }

    public function shortened(): string
    {
        return self::each($this->pages, static function (string $from, string $to): string {
            if (! ctype_digit($from) || ! ctype_digit($to) || strlen($from) !== strlen($to) || strlen($from) < 3) {
                return $to;
            }
            $same = strspn($from ^ $to, "\0");

            return substr($to, min($same, strlen($to) - 2));
        });
    }

    public function full(): string
    {
        return self::each($this->pages, static function (string $from, string $to): string {
            $missing = strlen($from) - strlen($to);

            return ctype_digit($from) && ctype_digit($to) && $missing > 0 ? substr($from, 0, $missing).$to : $to;
        });
    }

    /** "A1, A14" as "A1+": pages of an article that do not follow each other (MLA Handbook, 9th ed., 5.87). */
    public function withoutGaps(): string
    {
        return preg_match(
            '/^([\p{L}]*\d+)(?:\s*[-–]\s*[\p{L}]*\d+)?\s*(?:[,;&]|\band\b)\s*[\p{L}]*\d/u',
            $this->bare(),
            $m,
        ) === 1
            ? "{$m[1]}+"
            : $this->pages;
    }

    /** Whether more than one page is meant. */
    public function isSeveral(): bool
    {
        return ! ctype_digit($this->pages) && preg_match('/[-–,+&;]|\band\b/u', $this->bare()) === 1;
    }

    /** The numbers without a "p." or "pp." somebody typed before them. */
    public function bare(): string
    {
        return (string) preg_replace('/^(?:pages?|pp?)\.?\s*(?=[\dA-Zivxlcdm])/iu', '', trim($this->pages));
    }

    /** @param  callable(string, string): string  $end */
    private static function each(string $pages, callable $end): string
    {
        if ($pages === '' || ctype_digit($pages)) {
            return $pages;
        }
        // Most are one range of figures.
        if (strspn($pages, '0123456789-') === strlen($pages) && substr_count($pages, '-') === 1) {
            [$from, $to] = explode('-', $pages);
            if ($from !== '' && $to !== '') {
                return $from === $to ? $from : $from.'–'.$end($from, $to);
            }
        }
        $pages = (string) preg_replace_callback(
            '/([\p{L}]*\d+|\b[ivxlcdm]+\b)\s*[-–—−]+\s*([\p{L}]*\d+|\b[ivxlcdm]+\b)/u',
            static fn (array $m): string => $m[1] === $m[2] ? $m[1] : $m[1].'–'.$end($m[1], $m[2]),
            (new self($pages))->bare(),
        );

        return (string) preg_replace('/\s*,\s*/', ', ', $pages);
    }
}
