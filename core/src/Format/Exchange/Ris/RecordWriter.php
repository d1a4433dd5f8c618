<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Ris;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Vocabulary;

/** Writes a source as a RIS record. */
final class RecordWriter
{
    private const TAGS = [
        'title' => 'TI', 'container-title' => 'T2', 'collection-title' => 'T3', 'collection-number' => 'SV',
        'publisher' => 'PB', 'publisher-place' => 'CY', 'volume' => 'VL', 'issue' => 'IS', 'edition' => 'ET',
        'DOI' => 'DO', 'URL' => 'UR', 'source' => 'DB', 'language' => 'LA', 'title-short' => 'ST', 'genre' => 'M3',
        'ISBN' => 'SN', 'ISSN' => 'SN', 'note' => 'N1', 'annote' => 'RN', 'abstract' => 'AB',
        'container-title-short' => 'J2', 'number-of-volumes' => 'NV', 'medium' => 'C1',
    ];

    private const PEOPLE = ['author' => 'AU', 'editor' => 'A2', 'collection-editor' => 'A3', 'translator' => 'A4'];

    public function record(Source $source): string
    {
        $item = (new CslJson)->item($source);
        $lines = [
            ['TY', $source->kind->ris],
            ['ID', $source->id],
            ...self::people($item),
            ...self::texts($item, $source->kind->ris),
            ['PY', self::date($source->date(), $item['issued'] ?? null)],
            ['Y2', self::date($source->accessedOn(), $item['accessed'] ?? null)],
            ...self::pages(is_string($item['page'] ?? null) ? $item['page'] : ''),
        ];
        $written = '';
        foreach ($lines as [$tag, $value]) {
            $written .= $value === '' ? '' : "{$tag}  - {$value}\r\n";
        }

        return $written."ER  - \r\n";
    }

    /**
     * @param  array<string, mixed>  $item
     * @return list<array{string, string}>
     */
    private static function people(array $item): array
    {
        $lines = [];
        foreach (self::PEOPLE as $variable => $tag) {
            foreach (is_array($item[$variable] ?? null) ? $item[$variable] : [] as $name) {
                $lines[] = [$tag, self::name($name)];
            }
        }

        return $lines;
    }

    /**
     * @param  array<string, string|bool>  $name
     */
    private static function name(array $name): string
    {
        if (isset($name['literal'])) {
            return (string) $name['literal'];
        }
        $family = trim(($name['non-dropping-particle'] ?? '').' '.($name['family'] ?? ''));
        $parts = array_filter([$family, $name['given'] ?? '', $name['suffix'] ?? '']);

        // A comma at the end says that the name is not to be inverted.
        return implode(', ', $parts).(isset($name['given']) ? '' : ',');
    }

    /**
     * @param  array<string, mixed>  $item
     * @return list<array{string, string}>
     */
    private static function texts(array $item, string $type): array
    {
        $lines = [];
        // A tag that means something else for the type would come back as that.
        $taken = (require dirname(__DIR__, 4).'/data/ris.php')['custom'][$type] ?? [];
        foreach (array_diff(self::TAGS, array_keys($taken)) as $variable => $tag) {
            if (is_string($item[$variable] ?? null)) {
                $lines[] = [$tag, str_replace(["\r", "\n"], ' ', (new Markup($item[$variable]))->plain())];
            }
        }
        foreach (is_string($item['keyword'] ?? null) ? explode(', ', $item['keyword']) : [] as $word) {
            $lines[] = ['KW', $word];
        }

        return [...$lines, ...self::kept(is_array($item['ris'] ?? null) ? $item['ris'] : [])];
    }

    /**
     * Tags of another record that have no name in any other format come back as they were.
     *
     * @param  array<mixed>  $tags
     * @return list<array{string, string}>
     */
    private static function kept(array $tags): array
    {
        $lines = [];
        foreach ($tags as $tag => $values) {
            foreach (is_array($values) ? array_filter($values, is_string(...)) : [] as $value) {
                $lines[] = [(string) $tag, $value];
            }
        }

        return $lines;
    }

    /** @param  mixed  $variable  the date as the CSL-JSON item has it */
    private static function date(PartialDate $date, mixed $variable): string
    {
        $parts = $variable['date-parts'][0] ?? null;
        $words = is_array($parts)
            ? implode('/', array_map(static fn (int $part): string => sprintf('%02d', $part), $parts))
            : ($variable['literal'] ?? '');

        // What day, month and year cannot say stands after the third stroke.
        return $words.match (true) {
            ! $date->isDate() => '',
            $date->isSeason() => '///'.Vocabulary::all()->monthName((int) $date->month),
            $date->end !== null, $date->circa => str_repeat('/', 3 - substr_count($words, '/')).$date->edtf(),
            default => '',
        };
    }

    /** @return list<array{string, string}> */
    private static function pages(string $pages): array
    {
        [$from, $to] = [...explode('-', str_replace('–', '-', $pages), 2), ''];

        return [['SP', $from], ['EP', $to]];
    }
}
