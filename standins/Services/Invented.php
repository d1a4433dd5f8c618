<?php

declare(strict_types=1);

namespace Bibrel\Standins\Services;

/** Makes up books, articles and people from a seed: the same ones each time, none of them real. */
final class Invented
{
    private const FAMILIES = ['Brook', 'Ilves', 'Castellan', 'Teal', 'Oake', 'Pell', 'Quist', 'Marrow', 'Karsten', 'Zell', 'Åslund', 'Östberg', 'Ruiz', 'Varley', 'Finch', 'Holloway', 'Abara', 'Sund', 'Arvid', 'Ortiz', 'Tarrant', 'Kell', 'Lorn', 'Marl', 'Imran', 'Vale', 'Reis', 'Thorne', 'Wick', 'Eddowes', 'Pryde', 'Saltmarsh', 'Coble', 'Ferris', 'Gannet', 'Dunlin', 'Harrow', 'Strand', 'Keel', 'Larkin'];

    private const GIVEN = ['Halima', 'Piet', 'Noor', 'Sunniva', 'Mara', 'Oona', 'Rafael', 'Ines', 'Dov', 'Edda', 'Signe', 'Bram', 'Ana', 'Agnes', 'Harold', 'Tess', 'Wen', 'Greta', 'Lise', 'Paz', 'Maud', 'Idris', 'Agathe', 'Hetty', 'Ondine', 'Joana', 'Silas', 'Thea', 'Corin', 'Blythe', 'Emrys', 'Freya', 'Gil', 'Ivo', 'Juno', 'Kit', 'Leda', 'Milo', 'Nell', 'Osric'];

    private const THINGS = ['Mill', 'Tide', 'Lantern', 'Heron', 'Moth', 'Salt', 'Harbour', 'Ferry', 'Sluice', 'Eel', 'Lamp', 'Reed', 'Gate', 'Pier', 'Quay', 'Bell', 'Net', 'Wheel', 'Marsh', 'Creek', 'Beacon', 'Shingle', 'Otter', 'Gull', 'Storm', 'Anchor', 'Rope', 'Bread', 'Grain', 'Bat'];

    private const QUALITIES = ['Patient', 'Low', 'Northern', 'Quiet', 'Broken', 'Lit', 'Dark', 'Long', 'Drowned', 'Early', 'Last', 'Hollow', 'Amber', 'Cold', 'Common', 'Hidden', 'Slow', 'Second', 'Tidal', 'Winter'];

    private const MATTERS = ['a history', 'essays', 'stories from the coast', 'an introduction', 'a life', 'work and water, 1700-1900', 'collected poems', 'a field guide', 'letters', 'how we lost the night', 'a natural history', 'people and places'];

    private const HOUSES = ['Quayside Press', 'Lowtide Books', 'Northmere University Press', 'Saltpan', 'Hollin Press', 'Ansel & Daughters', 'Pier House', 'Heron and Sons', 'University of Port Ansel Press', 'Lantern Row'];

    private const PLACES = ['Gullhaven', 'Port Ansel', 'Hollin Bay', 'Low Sallow', 'Northmere'];

    private const JOURNALS = ['Journal of Coastal History', 'Northmere Journal of Field Ecology', 'Shore Acoustics', 'Estuary Research', 'Annals of Night', 'Review of Small Machines', 'Lighting and Life', 'Shore Law Journal'];

    private int $state;

    public function __construct(int $seed)
    {
        $this->state = $seed;
    }

    /** A whole number below the limit; the same row of them for the same seed on every machine. */
    public function below(int $limit): int
    {
        $this->state = ($this->state * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return intdiv($this->state, 65_536) % $limit;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->below(count($of))];
    }

    /** @return array{given: string, family: string} */
    public function person(): array
    {
        return ['given' => $this->one(self::GIVEN).($this->below(4) === 0 ? ' '.chr(65 + $this->below(20)).'.' : ''), 'family' => $this->one(self::FAMILIES)];
    }

    /** @return list<array{given: string, family: string}> */
    public function people(int $most): array
    {
        return array_map(fn (): array => $this->person(), range(1, 1 + $this->below($most)));
    }

    /** @return array{string, string} title and subtitle */
    public function title(): array
    {
        [$thing, $other, $quality] = [$this->one(self::THINGS), $this->one(self::THINGS), $this->one(self::QUALITIES)];
        $title = match ($this->below(5)) {
            0 => "The {$quality} {$thing}",
            1 => "{$thing} and {$other}",
            2 => "A {$thing} for the {$quality} {$other}",
            3 => "What the {$thing} knows",
            default => "{$quality} {$thing}s",
        };

        return [$title, $this->below(2) === 0 ? $this->one(self::MATTERS) : ''];
    }

    public function house(): string
    {
        return $this->one(self::HOUSES);
    }

    public function place(): string
    {
        return $this->one(self::PLACES);
    }

    public function journal(): string
    {
        return $this->one(self::JOURNALS);
    }

    /** Well-formed, with a right check digit, in a range that is assigned to nobody's shop. */
    public static function isbn(int $number): string
    {
        $start = sprintf('97900%07d', $number);
        $sum = 0;
        foreach (str_split($start) as $i => $digit) {
            $sum += (int) $digit * ($i % 2 === 0 ? 1 : 3);
        }

        return $start.(10 - $sum % 10) % 10;
    }
}
