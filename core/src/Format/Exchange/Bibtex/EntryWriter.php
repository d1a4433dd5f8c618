<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Source;

/** Writes BibTeX entries in UTF-8, with what LaTeX would take for a command escaped. */
final class EntryWriter
{
    private const FIELDS = [
        'publisher' => 'publisher', 'publisher-place' => 'address', 'edition' => 'edition',
        'volume' => 'volume', 'version' => 'version', 'collection-title' => 'series', 'ISBN' => 'isbn',
        'language' => 'language', 'status' => 'pubstate', 'title-short' => 'shorttitle', 'annote' => 'annote',
        'note' => 'note', 'abstract' => 'abstract', 'keyword' => 'keywords', 'ISSN' => 'issn',
        'number-of-volumes' => 'volumes', 'original-title' => 'origtitle',
    ];

    private const PEOPLE = ['author', 'editor', 'translator'];

    /** Types whose entry says of what sort they are. */
    private const SORTED = ['phdthesis', 'mastersthesis', 'techreport'];

    private const ESCAPED = [
        '\\' => '\textbackslash{}', '{' => '\{', '}' => '\}', '&' => '\&', '%' => '\%', '$' => '\$', '#' => '\#',
        '_' => '\_',
        '~' => '\textasciitilde{}',
    ];

    /** @param  list<Source>  $sources */
    public function entries(array $sources): string
    {
        $keys = [];
        $entries = [];
        foreach ($sources as $source) {
            $key = self::key($source);
            $keys[$key] = ($keys[$key] ?? 0) + 1;
            $entries[] = self::entry($source, $keys[$key] > 1 ? "{$key}-{$keys[$key]}" : $key);
        }

        return implode("\n", $entries);
    }

    private static function key(Source $source): string
    {
        if (preg_match('/^[\w:.+-]+$/', $source->id) === 1) {
            return $source->id;
        }
        $first = $source->contributors[0]->name ?? null;
        $name = (string) transliterator_transliterate(
            'Any-Latin; Latin-ASCII',
            $first === null ? $source->title->main : ($first->family ?: $first->group),
        );

        return strtolower((string) preg_replace('/[^A-Za-z0-9]+/', '', $name)).($source->date()->year ?? 'nd');
    }

    private static function entry(Source $source, string $key): string
    {
        $item = (new CslJson)->item($source);
        $type = self::type($source);
        $kept = is_array($item['bibtex'] ?? null) ? $item['bibtex'] : [];
        $fields = [
            ...self::people($item),
            ...self::texts($item, $type),
            ...self::dates($source),
        ];
        // Fields of another entry that have no name in any other format come back as they were.
        foreach ($kept as $field => $value) {
            $fields[$field] ??= is_string($value) ? $value : '';
        }
        if (in_array($type, self::SORTED, true)) {
            $fields['type'] = self::text(self::string($item, 'genre'));
        }
        $lines = [];
        foreach (array_filter($fields, static fn (string $value): bool => $value !== '') as $field => $value) {
            $lines[] = "  {$field} = {{$value}}";
        }

        return "@{$type}{{$key},\n".implode(",\n", $lines)."\n}\n";
    }

    /** BibTeX parts theses by their degree. */
    private static function type(Source $source): string
    {
        $isMasters = $source->kind->bibtex === 'phdthesis' && str_contains(strtolower($source->genre), 'master');

        return $isMasters ? 'mastersthesis' : $source->kind->bibtex;
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, string>
     */
    private static function people(array $item): array
    {
        $fields = [];
        foreach (self::PEOPLE as $variable) {
            $names = is_array($item[$variable] ?? null) ? $item[$variable] : [];
            $fields[$variable] = implode(' and ', array_map(self::name(...), $names));
        }

        return $fields;
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, string>
     */
    private static function texts(array $item, string $type): array
    {
        $fields = ['title' => self::title(self::string($item, 'title'))];
        foreach (self::FIELDS as $variable => $field) {
            $fields[$field] ??= self::text(self::string($item, $variable));
        }

        return [
            ...$fields,
            $type === 'article' ? 'journal' : 'booktitle' => self::text(self::string($item, 'container-title')),
            'number' => self::text(self::string($item, 'issue') ?: self::string($item, 'number')),
            'pages' => str_replace('-', '--', self::text(self::string($item, 'page'))),
            'doi' => self::string($item, 'DOI'),
            'url' => self::string($item, 'URL'),
        ];
    }

    /** @return array<string, string> */
    private static function dates(Source $source): array
    {
        $date = $source->date();
        // A season, a span and a rough date have no fields of their own; the newer field for dates takes them (EDTF).
        $isBeyondFields = $date->isDate() && ($date->isSeason() || $date->end !== null || $date->circa);

        return [
            'year' => $date->year === null ? self::text($date->text) : (string) $date->year,
            'month' => $date->isSeason() ? '' : (string) $date->month,
            'day' => (string) $date->day,
            'date' => $isBeyondFields ? $date->edtf() : '',
            'urldate' => $source->accessedOn()->edtf(),
        ];
    }

    /** @param  array<string, mixed>  $item */
    private static function string(array $item, string $variable): string
    {
        return is_string($item[$variable] ?? null) ? $item[$variable] : '';
    }

    /** @param  array<string, string|bool>  $name */
    private static function name(array $name): string
    {
        if (isset($name['literal'])) {
            if (Name::group((string) $name['literal'])->isOthers()) {
                return 'others';
            }

            return '{'.self::text((string) $name['literal']).'}';
        }
        $family = trim(($name['non-dropping-particle'] ?? '').' '.($name['family'] ?? ''));

        $parts = array_filter([$family, (string) ($name['suffix'] ?? ''), (string) ($name['given'] ?? '')]);

        // "and" parts names, so that one with it inside stands in braces.
        $braced = static fn (string $part): string => preg_match('/\band\b|,/i', $part) === 1
            ? '{'.self::text($part).'}'
            : self::text($part);

        return implode(', ', array_map($braced, $parts));
    }

    private static function title(string $title): string
    {
        $text = (string) preg_replace(
            ['~<span class="nocase">(.*?)</span>~u', '~<i>(.*?)</i>~u'],
            ["\u{E000}$1\u{E001}", "\u{E002}$1\u{E001}"],
            $title,
        );

        return strtr(self::text($text), ["\u{E000}" => '{', "\u{E001}" => '}', "\u{E002}" => '\emph{']);
    }

    private static function text(string $text): string
    {
        return strtr(str_replace(["\r", "\n"], ' ', $text), self::ESCAPED);
    }
}
