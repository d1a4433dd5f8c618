<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Ris;

use Bibrel\Core\Format\Exchange\Bibtex\ExportHabits;
use Bibrel\Core\Format\LanguageCode;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Source\Isbn;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Text;
use Bibrel\Core\Text\Charset;

/**
 * Reads RIS records: any line ends, a byte order mark, Latin-1, several records, lines that run on. Tags this has no
 * place for are kept under `custom.csl.ris`.
 */
final class RecordReader
{
    /** Tag => CSL-JSON variable, for values that are taken as they are. */
    private const PLAIN = [
        'TI' => 'title', 'T1' => 'title', 'PB' => 'publisher', 'CY' => 'publisher-place', 'PP' => 'publisher-place',
        'VL' => 'volume', 'IS' => 'issue', 'ET' => 'edition', 'DO' => 'DOI', 'UR' => 'URL', 'L2' => 'URL',
        'DB' => 'source', 'T3' => 'collection-title', 'ST' => 'title-short', 'M3' => 'genre',
        'SV' => 'collection-number', 'N1' => 'note', 'RN' => 'annote', 'AB' => 'abstract', 'N2' => 'abstract',
        'NV' => 'number-of-volumes', 'C1' => 'medium', 'OP' => 'original-title',
    ];

    private const PEOPLE = [
        'AU' => 'author', 'A1' => 'author', 'A2' => 'editor', 'ED' => 'editor', 'A4' => 'translator',
        'A3' => 'collection-editor',
    ];

    private const CONTAINERS = ['T2', 'JF', 'BT'];

    private const SHORT_CONTAINERS = ['JO', 'JA', 'J2', 'J1'];

    private const ISSUED = ['PY', 'Y1', 'DA'];

    private const ISSN = '/^[\d-]{9}$|^\d{4}-?\d{3}[\dX]$/i';

    /**
     * @return list<array<string, mixed>> CSL-JSON items
     *
     * @throws Unreadable
     */
    public function items(string $text): array
    {
        $items = array_values(array_filter(array_map(self::item(...), self::records((new Charset($text))->toUtf8()))));
        if ($items === []) {
            throw new Unreadable('There is no RIS record in this text. Each one begins with a line “TY  - …”.');
        }

        return $items;
    }

    /** @return list<list<array{string, string}>> tags and values of each record */
    private static function records(string $text): array
    {
        $records = [];
        $record = [];
        $tag = '';
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $line) {
            if (preg_match('/^\s*([A-Z][A-Z0-9])\s{1,2}-\s?(.*)$/u', $line, $m) === 1) {
                $tag = $m[1];
                if ($tag === 'ER' || ($tag === 'TY' && $record !== [])) {
                    $records[] = $record;
                    $record = [];
                }
                if ($tag !== 'ER') {
                    $record[] = [$tag, trim($m[2])];
                }
            } elseif ($record !== [] && trim($line) !== '') {
                [$last, $value] = array_pop($record);
                $record[] = [$last, trim($value.' '.trim($line))];
            }
        }
        if ($record !== []) {
            $records[] = $record;
        }

        return $records;
    }

    /**
     * @param  list<array{string, string}>  $record
     * @return array<string, mixed>
     */
    private static function item(array $record): array
    {
        $item = [];
        foreach ($record as [$tag, $value]) {
            $value = self::unmarked($tag, Text::line($value));
            if ($value !== '') {
                self::put($item, $tag, $value);
            }
        }
        $item = self::inWhole($item);

        return $item === [] ? [] : ['type' => 'document', ...$item];
    }

    /**
     * Puts what a tag says in its place. The item is changed as it stands, since a record may name very many people.
     *
     * @param  array<string, mixed>  $item
     */
    private static function put(array &$item, string $tag, string $value): void
    {
        match (true) {
            isset(self::PEOPLE[$tag]) => $item[self::person($tag, $item['ris type'] ?? '')][] = self::name($value),
            in_array($tag, self::CONTAINERS, true) => $item['container-title'] ??= $value,
            in_array($tag, self::SHORT_CONTAINERS, true) => $item['container-title-short'] ??= $value,
            in_array($tag, self::ISSUED, true) => $item['issued'] = self::date($value, $tag === 'DA' ? null : ($item['issued'] ?? null)),
            $tag === 'Y2' => $item['accessed'] = self::date($value, null),
            default => self::putText($item, $tag, $value),
        };
    }

    /** @param  array<string, mixed>  $item */
    private static function putText(array &$item, string $tag, string $value): void
    {
        $variable = self::knowledge()['custom'][$item['ris type'] ?? ''][$tag] ?? self::PLAIN[$tag] ?? '';
        $isOpen = $variable !== '' && in_array($item[$variable] ?? $value, [$value], true);
        match (true) {
            $tag === 'TY' => self::putType($item, strtoupper($value)),
            $tag === 'ID' => $item['id'] = $value,
            $tag === 'KW' => $item['keyword'] = isset($item['keyword']) ? "{$item['keyword']}, {$value}" : $value,
            $tag === 'LA' => $item['language'] = (new LanguageCode($value))->code(),
            $tag === 'SP', $tag === 'EP' => $item[$tag] = $value,
            $tag === 'SN' => self::putNumber($item, $value),
            $isOpen => $item[$variable] = $value,
            default => $item['ris'][$tag][] = $value,
        };
    }

    /** Whom a tag names in a record of a type. */
    private static function person(string $tag, string $type): string
    {
        return self::knowledge()['people'][$type][$tag] ?? self::PEOPLE[$tag];
    }

    /** @param  array<string, mixed>  $item */
    private static function putType(array &$item, string $type): void
    {
        $genre = self::knowledge()['genres'][$type] ?? '';
        $item['type'] = self::knowledge()['types'][$type] ?? 'document';
        $item['ris type'] = $type;
        if ($genre !== '') {
            $item['genre'] ??= $genre;
        }
    }

    /**
     * @return array{
     *     types: array<string, string>, genres: array<string, string>,
     *     people: array<string, array<string, string>>, custom: array<string, array<string, string>>
     * }
     */
    private static function knowledge(): array
    {
        static $knowledge = null;

        return $knowledge ??= require dirname(__DIR__, 4).'/data/ris.php';
    }

    /**
     * A standard number by its form: an ISSN, an ISBN, and else the number of a report.
     *
     * @param  array<string, mixed>  $item
     */
    private static function putNumber(array &$item, string $value): void
    {
        match (true) {
            preg_match(self::ISSN, $value) === 1 => $item['ISSN'] ??= $value,
            Isbn::parse($value) !== null => $item['ISBN'] ??= $value,
            in_array($item['type'] ?? '', ['report', 'patent', 'standard', 'thesis'], true) => $item['number'] ??= $value,
            preg_match('/^[\dX -]{10,}/i', $value) === 1 => $item['ISBN'] ??= $value,
            default => $item['ris']['SN'][] = $value,
        };
    }

    /** Without the marks by which library catalogues part what they print: "Moonpower : mills of the coast /". */
    private static function unmarked(string $tag, string $value): string
    {
        if (in_array($tag, ['TI', 'T1', 'T2', 'BT'], true)) {
            return (string) preg_replace(['~\s*[/:;,]$~u', '~\s+:\s+~u'], ['', ': '], $value);
        }
        if (in_array($tag, ['PB', 'CY', 'PP', 'AU', 'A1', 'A2', 'A3', 'A4', 'ED'], true)) {
            return (string) preg_replace('~\s*[/:;,]$~u', '', $value);
        }

        return in_array($tag, self::ISSUED, true)
            ? (string) preg_replace('~^\[?c?(\d{4})\]?\.$~u', '$1', $value)
            : $value;
    }

    /**
     * What several tags say together.
     *
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function inWhole(array $item): array
    {
        unset($item['ris type']);
        // Some databases give the journal's name only in its short form.
        if (! isset($item['container-title']) && isset($item['container-title-short'])) {
            $item['container-title'] = $item['container-title-short'];
            unset($item['container-title-short']);
        }
        // Who sells a database is named next to it, and stands for it only where it is not named.
        if (! isset($item['source']) && isset($item['ris']['DP'])) {
            $item['source'] = array_shift($item['ris']['DP']);
            $item['ris'] = array_filter($item['ris']);
            $item = array_filter($item, static fn (mixed $value): bool => $value !== []);
        }
        [$from, $to] = [$item['SP'] ?? '', $item['EP'] ?? ''];
        unset($item['SP'], $item['EP']);
        $item = [...$item, ...self::tidied($item), ...($from === '' ? [] : ['page' => self::pages($from, $to)])];

        return self::byType($item);
    }

    private static function pages(string $from, string $to): string
    {
        return $to === '' || $to === $from || str_contains($from, '-') ? $from : "{$from}-{$to}";
    }

    /**
     * What tags mean for films and books.
     *
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function byType(array $item): array
    {
        $type = $item['type'] ?? '';
        if ($type === 'motion_picture' && isset($item['author']) && ! isset($item['URL'])) {
            // Of a film the tag for authors names its directors.
            $item['director'] = [...$item['director'] ?? [], ...$item['author']];
            unset($item['author']);
        }
        if ($type === 'book' && isset($item['container-title'])) {
            $item['collection-title'] ??= $item['container-title'];
            unset($item['container-title']);
        }

        return $item;
    }

    /** @return array<string, string> */
    private static function name(string $value): array
    {
        $parts = array_map(trim(...), explode(',', $value));
        // A comma at the end says that the name is not to be inverted.
        if (count(array_filter($parts)) === 1) {
            return ['literal' => $parts[0]];
        }

        $name = Name::parse(implode(', ', array_slice($parts, 0, 3)));

        $item = [
            'family' => $name->family,
            'given' => $name->given,
            'non-dropping-particle' => $name->particle,
            'suffix' => $name->suffix,
        ];

        return array_filter($item, static fn (string $part): bool => $part !== '');
    }

    /**
     * What databases add: a full stop or the edition after a title, and a degree where the kind of thesis belongs.
     *
     * @param  array<string, mixed>  $item
     * @return array<string, string>
     */
    private static function tidied(array $item): array
    {
        $title = is_string($item['title'] ?? null) ? $item['title'] : '';
        $genre = is_string($item['genre'] ?? null) ? $item['genre'] : '';
        $isThesis = ($item['type'] ?? '') === 'thesis';

        return array_filter([
            'title' => (new ExportHabits($title))->undone(),
            'genre' => match (true) {
                $isThesis && preg_match('/^(?:Ph\.?\s?D\.?|Doctoral|Doctorate)$/iu', $genre) === 1 => 'PhD dissertation',
                $isThesis && preg_match('/^(?:M\.?\s?(?:A|S|Sc|Ed|Phil)\.?|Masters?(?:’s)?)$/iu', $genre) === 1 => 'Master’s thesis',
                default => $genre,
            },
        ], static fn (string $value): bool => $value !== '');
    }

    /** "2016/11/03/" and the like; what is no such date keeps its words. */
    private static function date(string $value, mixed $before): mixed
    {
        if (preg_match('~^(\d{4})(?:/\d*){2}/(.+)$~', $value, $m) === 1) {
            $other = (string) preg_replace('/(?<=\p{L})(?=\d{4})/u', ' ', trim($m[2]));
            foreach ([$other, "{$other} {$m[1]}"] as $words) {
                $date = PartialDate::parse($words);
                if ($date->year === (int) $m[1] && ($date->isSeason() || $date->end !== null || $date->circa)) {
                    return $date->edtf();
                }
            }
        }
        if (preg_match('~^(\d{4})(?:[/-](\d{1,2}))?(?:[/-](\d{1,2}))?(?:/.*)?$~', $value, $m) === 1) {
            $parts = array_values(array_filter([(int) $m[1], (int) ($m[2] ?? 0), (int) ($m[3] ?? 0)]));

            return is_array($before) && count($before['date-parts'][0] ?? []) > count($parts)
                ? $before
                : ['date-parts' => [$parts]];
        }

        return $before ?? ['literal' => trim($value, '/ ')];
    }
}
