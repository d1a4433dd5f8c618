<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\CslJson;

use Bibrel\Core\Source\Text;

/** A CSL-JSON date, as the text PartialDate reads. */
final class ItemDate
{
    public static function text(mixed $date): string
    {
        if (is_scalar($date)) {
            return Text::line((string) $date);
        }
        if (! is_array($date)) {
            return '';
        }
        $parts = is_array($date['date-parts'] ?? null) ? array_values($date['date-parts']) : [];
        $dates = array_filter(
            array_map(
                static fn (mixed $one): string => is_array($one)
                    ? self::edtf(array_values($one), $date['season'] ?? null)
                    : '',
                $parts,
            ),
        );
        if ($dates !== []) {
            return implode('/', $dates)
                .(! empty($date['circa']) && count($dates) === 1 && strlen($dates[0]) <= 4 ? '~' : '');
        }

        return Text::line((string) (Text::of($date, 'literal') ?: Text::of($date, 'raw')));
    }

    /** @param  list<mixed>  $parts */
    private static function edtf(array $parts, mixed $season): string
    {
        $number = static fn (int $i): int => is_numeric($parts[$i] ?? null) ? (int) $parts[$i] : 0;
        [$year, $month, $day] = [$number(0), $number(1), $number(2)];
        if ($month === 0 && is_numeric($season)) {
            $month = (int) $season + ((int) $season < 20 ? 20 : 0);
        }

        return match (true) {
            $year === 0 => '',
            $month === 0 => sprintf('%04d', $year),
            $day === 0 => sprintf('%04d-%02d', $year, $month > 12 && $month < 17 ? $month + 8 : $month),
            default => sprintf('%04d-%02d-%02d', $year, $month, $day),
        };
    }
}
