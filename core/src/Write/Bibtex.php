<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Read\Bibtex as BibtexReader;
use Bibrel\Core\Source\Source;

/** Writes BibTeX entries in UTF-8, with what LaTeX would take for a command escaped. */
final class Bibtex
{
    private const TYPES = ['article-journal' => 'article', 'article-magazine' => 'article', 'article-newspaper' => 'article', 'review' => 'article', 'book' => 'book', 'chapter' => 'incollection', 'entry-encyclopedia' => 'incollection', 'paper-conference' => 'inproceedings', 'report' => 'techreport', 'manuscript' => 'unpublished', 'webpage' => 'online', 'post-weblog' => 'online', 'post' => 'online', 'pamphlet' => 'booklet', 'dataset' => 'dataset', 'software' => 'software', 'motion_picture' => 'video'];

    private const FIELDS = ['title' => 'title', 'publisher' => 'publisher', 'publisher-place' => 'address', 'edition' => 'edition', 'volume' => 'volume', 'version' => 'version', 'collection-title' => 'series', 'ISBN' => 'isbn', 'language' => 'language', 'status' => 'pubstate', 'title-short' => 'shorttitle', 'annote' => 'annote', 'note' => 'note', 'abstract' => 'abstract', 'keyword' => 'keywords', 'ISSN' => 'issn', 'number-of-volumes' => 'volumes', 'original-title' => 'origtitle'];

    /** @param  list<Source>  $sources */
    public static function entries(array $sources): string
    {
        $keys = [];

        return implode("\n", array_map(static function (Source $source) use (&$keys): string {
            $key = self::key($source);
            $keys[$key] = ($keys[$key] ?? 0) + 1;

            return self::entry($source, $keys[$key] > 1 ? $key.'-'.$keys[$key] : $key);
        }, $sources));
    }

    private static function key(Source $source): string
    {
        if (preg_match('/^[\w:.+-]+$/', $source->id) === 1) {
            return $source->id;
        }
        $first = $source->contributors[0] ?? null;
        $name = $first === null ? $source->title->main : ($first->name->family ?: $first->name->group);

        return strtolower((string) preg_replace('/[^A-Za-z0-9]+/', '', (string) transliterator_transliterate('Any-Latin; Latin-ASCII', $name))).($source->date()->year ?? 'nd');
    }

    private static function entry(Source $source, string $key): string
    {
        $item = CslJson::item($source);
        $type = $source->kind->csl === 'thesis' ? (str_contains(strtolower($source->genre), 'master') ? 'mastersthesis' : 'phdthesis') : (self::TYPES[$source->kind->csl] ?? 'misc');
        $kept = is_array($item['bibtex'] ?? null) ? $item['bibtex'] : [];
        $fields = [];
        foreach (['author', 'editor', 'translator'] as $variable) {
            $names = array_map(self::name(...), is_array($item[$variable] ?? null) ? $item[$variable] : []);
            $isCut = $names !== [] && str_contains((string) ($kept[BibtexReader::CUT_SHORT] ?? ''), $variable);
            $fields[$variable] = implode(' and ', [...$names, ...($isCut ? ['others'] : [])]);
        }
        foreach (self::FIELDS as $variable => $field) {
            $value = is_string($item[$variable] ?? null) ? $item[$variable] : '';
            $fields[$field] = $field === 'title' ? self::title($value) : self::text($value);
        }
        $fields[in_array($type, ['article'], true) ? 'journal' : 'booktitle'] = self::text(is_string($item['container-title'] ?? null) ? $item['container-title'] : '');
        $fields['number'] = self::text((string) ($item['issue'] ?? $item['number'] ?? ''));
        $fields['pages'] = str_replace('-', '--', self::text((string) ($item['page'] ?? '')));
        $fields['doi'] = (string) ($item['DOI'] ?? '');
        $fields['url'] = (string) ($item['URL'] ?? '');
        $date = $source->date();
        $fields['year'] = $date->year === null ? self::text($date->text) : (string) $date->year;
        $fields['month'] = $date->month === null || $date->isSeason() ? '' : (string) $date->month;
        $fields['day'] = $date->day === null ? '' : (string) $date->day;
        // A season, a span and a rough date have no fields of their own; the newer field for dates takes them (EDTF).
        $fields['date'] = $date->isDate() && ($date->isSeason() || $date->end !== null || $date->circa) ? $date->edtf() : '';
        $fields['urldate'] = $source->accessedOn()->edtf();
        // Fields of another entry that have no name in any other format come back as they were.
        foreach (array_diff_key($kept, [BibtexReader::CUT_SHORT => '']) as $field => $value) {
            $fields[$field] ??= is_string($value) ? $value : '';
        }
        if ($source->kind->csl === 'thesis' || $source->kind->csl === 'report') {
            $fields['type'] = self::text(is_string($item['genre'] ?? null) ? $item['genre'] : '');
        }
        $lines = [];
        foreach ($fields as $field => $value) {
            if ($value !== '') {
                $lines[] = "  {$field} = {{$value}}";
            }
        }

        return "@{$type}{{$key},\n".implode(",\n", $lines)."\n}\n";
    }

    /** @param  array<string, string|bool>  $name */
    private static function name(array $name): string
    {
        if (isset($name['literal'])) {
            return '{'.self::text((string) $name['literal']).'}';
        }
        $family = trim(($name['non-dropping-particle'] ?? '').' '.($name['family'] ?? ''));

        $parts = array_filter([$family, (string) ($name['suffix'] ?? ''), (string) ($name['given'] ?? '')]);

        // "and" parts names, so that one with it inside stands in braces.
        return implode(', ', array_map(static fn (string $part): string => preg_match('/\band\b|,/i', $part) === 1 ? '{'.self::text($part).'}' : self::text($part), $parts));
    }

    private static function title(string $title): string
    {
        $text = (string) preg_replace(['~<span class="nocase">(.*?)</span>~u', '~<i>(.*?)</i>~u'], ["\u{E000}$1\u{E001}", "\u{E002}$1\u{E001}"], $title);

        return strtr(self::text($text), ["\u{E000}" => '{', "\u{E001}" => '}', "\u{E002}" => '\emph{']);
    }

    private static function text(string $text): string
    {
        return strtr(str_replace(["\r", "\n"], ' ', $text), ['\\' => '\textbackslash{}', '{' => '\{', '}' => '\}', '&' => '\&', '%' => '\%', '$' => '\$', '#' => '\#', '_' => '\_', '~' => '\textasciitilde{}']);
    }
}
