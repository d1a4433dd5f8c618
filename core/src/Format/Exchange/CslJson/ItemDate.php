<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\CslJson;

use Bibrel\Core\Source\Text;

/** A CSL-JSON date, as the text PartialDate reads. */
final readonly class ItemDate
{
    public function __construct(private mixed $date)
    {
    }

    public function text(): string
    {
        if (is_scalar($this->date)) {
            return Text::line((string) $this->date);
        }
        if (! is_array($this->date)) {
            return '';
        }
        $parts = is_array($this->date['date-parts'] ?? null) ? array_values($this->date['date-parts']) : [];
        $dates = array_filter(
            array_map(
                fn (mixed $one): string => is_array($one)
                    ? self::edtf(array_values($one), $this->date['season'] ?? null)
                    : '',
                $parts,
            ),
        );
        if ($dates !== []) {
            return implode('/', $dates)
                .(! empty($this->date['circa']) && count($dates) === 1 && strlen($dates[0]) <= 4 ? '~' : '');
        }

        return Text::line((string) (Text::of($this->date, 'literal') ?: Text::of($this->date, 'raw')));
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
