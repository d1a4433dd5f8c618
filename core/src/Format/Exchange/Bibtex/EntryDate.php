<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Text\Vocabulary;

/** The date of an entry: in one field, as BibLaTeX has it, or in parts, as BibTeX has. */
final readonly class EntryDate
{
    public function __construct(private string $value)
    {
    }

    /** A date of BibLaTeX, which is EDTF: "1850~", "199X", "1997/". */
    public function edtf(): string
    {
        $date = trim(str_replace(['{', '}', '%'], ['', '', '~'], $this->value));
        $date = (string) preg_replace(
            ['/\s*~/', '/^(\d{3})[Xxu?]$/', '/^(\d{2})[Xxu?]{2}$/', '~^(\d{4})/(?:\.\.)?$~'],
            ['~', '${1}0s', '${1}00s', '$1–'],
            $date,
        );

        return rtrim($date, '?');
    }

    /**
     * A date of BibTeX, in fields of its own.
     *
     * @param  array<string, string>  $fields  year, and month and day if they are known
     * @return array<string, mixed>  as CSL-JSON has dates
     */
    public static function inParts(array $fields): array
    {
        $year = (new Latex($fields['year']))->text();
        if (preg_match('/^\d{4}$/', $year) !== 1) {
            return ['literal' => (new self($year))->edtf()];
        }
        $said = (new Latex($fields['month'] ?? ''))->text();
        $season = Vocabulary::all()->seasonNumber($said);
        if ($season !== null) {
            return ['date-parts' => [[(int) $year]], 'season' => $season - 20];
        }
        $months = array_map(self::month(...), preg_split('~\s*[-–/]+\s*~u', $said) ?: []);
        if (count($months) === 2 && min($months) > 0) {
            return ['date-parts' => [[(int) $year, $months[0]], [(int) $year, $months[1]]]];
        }

        return ['date-parts' => [self::parts((int) $year, self::month($said), $fields['day'] ?? '', $said)]];
    }

    /** @return list<int> */
    private static function parts(int $year, int $month, string $day, string $said): array
    {
        // Databases put the day to the month: "Jul 09".
        if ($day === '' && preg_match('/^(?|\p{L}+\.? (\d{1,2})|(\d{1,2}) \p{L}+\.?)$/u', $said, $m) === 1) {
            $day = $m[1];
        }

        return array_values(array_filter([$year, $month, $month > 0 ? (int) $day : 0]));
    }

    private static function month(string $said): int
    {
        $figures = substr($said, 0, 3);

        return Vocabulary::all()->monthByStart($said) ?? (ctype_digit($figures) ? (int) $figures : 0);
    }
}
