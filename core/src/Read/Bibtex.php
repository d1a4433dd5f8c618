<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Vocabulary;

/**
 * Reads BibTeX and BibLaTeX entries: nested braces, quoted and joined values, string macros, crossref, missing commas,
 * LaTeX accents. Fields this has no place for are kept under `custom.csl.bibtex`.
 */
final class Bibtex
{
    private const TYPES = ['article' => 'article-journal', 'book' => 'book', 'booklet' => 'pamphlet', 'collection' => 'book', 'inbook' => 'chapter', 'incollection' => 'chapter', 'inproceedings' => 'paper-conference', 'conference' => 'paper-conference', 'proceedings' => 'book', 'manual' => 'report', 'mastersthesis' => 'thesis', 'phdthesis' => 'thesis', 'thesis' => 'thesis', 'techreport' => 'report', 'report' => 'report', 'unpublished' => 'manuscript', 'online' => 'webpage', 'electronic' => 'webpage', 'www' => 'webpage', 'misc' => 'document', 'dataset' => 'dataset', 'software' => 'software', 'video' => 'motion_picture', 'movie' => 'motion_picture', 'inreference' => 'entry-encyclopedia', 'patent' => 'patent'];

    /** Under this name it is kept which lists of names end in "and others". */
    public const CUT_SHORT = 'names cut short';

    private const PLAIN = ['publisher' => 'publisher', 'institution' => 'publisher', 'school' => 'publisher', 'organization' => 'publisher', 'address' => 'publisher-place', 'location' => 'publisher-place', 'volume' => 'volume', 'edition' => 'edition', 'series' => 'collection-title', 'doi' => 'DOI', 'url' => 'URL', 'isbn' => 'ISBN', 'language' => 'language', 'langid' => 'language', 'version' => 'version', 'pubstate' => 'status', 'shorttitle' => 'title-short', 'annote' => 'annote', 'annotation' => 'annote', 'type' => 'genre', 'eid' => 'number', 'issn' => 'ISSN', 'abstract' => 'abstract', 'keywords' => 'keyword', 'note' => 'note', 'volumes' => 'number-of-volumes', 'origtitle' => 'original-title'];

    /** How long one value may get; no abstract is longer. */
    private const LONGEST = 200_000;

    private int $at = 0;

    /** @var array<string, string> */
    private array $macros = [];

    /** What may stand between fields: commas, missing or doubled, and remarks to the end of the line. */
    private const BETWEEN = '(?:[\s,]|%[^\n]*)*+';

    private function __construct(private readonly string $text)
    {
    }

    /**
     * @return list<Source>
     *
     * @throws Unreadable
     */
    public static function sources(string $text): array
    {
        return array_map(CslJson::source(...), self::items($text));
    }

    /**
     * @return list<array<string, mixed>> CSL-JSON items
     *
     * @throws Unreadable
     */
    public static function items(string $text): array
    {
        $entries = (new self(Charset::toUtf8($text)))->entries();
        if ($entries === []) {
            throw new Unreadable('There is no BibTeX entry in this text. Each one begins with something like '
                .'“@book{…”.');
        }
        $byKey = array_column($entries, null, 'key');
        $items = [];
        foreach ($entries as ['type' => $type, 'key' => $key, 'fields' => $fields]) {
            $parent = $byKey[strtolower(trim($fields['crossref'] ?? ''))]['fields'] ?? [];
            if ($parent !== []) {
                $parent['booktitle'] ??= $parent['title'] ?? '';
                unset($parent['title']);
            }
            unset($fields['crossref']);
            $items[] = self::item($type, $key, $fields + $parent);
        }

        return $items;
    }

    /** @return list<array{type: string, key: string, id: string, fields: array<string, string>}> */
    private function entries(): array
    {
        $entries = [];
        while (preg_match('/@\s*([A-Za-z]+)\s*[{(]/', $this->text, $m, PREG_OFFSET_CAPTURE, $this->at) === 1) {
            $type = strtolower($m[1][0]);
            $this->at = $m[0][1] + strlen($m[0][0]);
            if ($type === 'comment' || $type === 'preamble') {
                $this->braced();

                continue;
            }
            if ($type === 'string') {
                $this->macros = [...$this->macros, ...$this->fields()];

                continue;
            }
            preg_match('/\G\s*([^,\s={}"]*)\s*,?/', $this->text, $key, 0, $this->at);
            $this->at += strlen($key[0] ?? '');
            $entries[] = ['type' => $type, 'key' => strtolower($key[1] ?? ''), 'id' => $key[1] ?? '', 'fields' => $this->fields()];
        }

        return array_map(static fn (array $entry): array => [...$entry, 'fields' => ['_id' => $entry['id'], ...$entry['fields']]], $entries);
    }

    /** @return array<string, string> up to the brace that closes the entry, or to what begins the next one */
    private function fields(): array
    {
        $fields = [];
        while (preg_match('/\G'.self::BETWEEN.'([A-Za-z][\w:.+-]*)\s*=\s*/', $this->text, $m, 0, $this->at) === 1) {
            $this->at += strlen($m[0]);
            $fields[strtolower($m[1])] = $this->value();
        }
        if (preg_match('/\G'.self::BETWEEN.'[})]/', $this->text, $m, 0, $this->at) === 1) {
            $this->at += strlen($m[0]);
        }

        return $fields;
    }

    /**
     * One value, or several joined with #.
     *
     * @throws Unreadable for strings that double one another without end
     */
    private function value(): string
    {
        $value = '';
        do {
            $next = $this->text[$this->at] ?? '';
            if ($next === '{') {
                $this->at++;
                $value .= $this->braced();
            } elseif ($next === '"') {
                $this->at++;
                $value .= $this->quoted();
            } else {
                preg_match('/\G[^\s,#{}"=]*/', $this->text, $m, 0, $this->at);
                $word = $m[0] ?? '';
                $this->at += strlen($word);
                $value .= $this->macros[strtolower($word)] ?? $word;
            }
            if (strlen($value) > self::LONGEST) {
                throw new Unreadable('A value in this text is made of so many pieces that it is longer than '.self::LONGEST.' characters. Take the @string that repeats itself out, and paste it again.');
            }
            $joined = preg_match('/\G\s*#\s*/', $this->text, $m, 0, $this->at) === 1;
            $this->at += $joined ? strlen($m[0]) : 0;
        } while ($joined);

        return $value;
    }

    private function braced(): string
    {
        return $this->until('}');
    }

    private function quoted(): string
    {
        return $this->until('"');
    }

    /** The text up to the mark that closes it, outside any inner braces; to the end where nothing closes it. */
    private function until(string $mark): string
    {
        $depth = 0;
        $start = $this->at;
        $length = strlen($this->text);
        while ($this->at < $length) {
            $letter = $this->text[$this->at++];
            if ($letter === '\\') {
                $this->at++;
            } elseif ($depth === 0 && $letter === $mark) {
                return substr($this->text, $start, $this->at - $start - 1);
            } elseif ($letter === '{') {
                $depth++;
            } elseif ($letter === '}') {
                $depth--;
            }
        }

        return substr($this->text, $start);
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private static function item(string $type, string $key, array $fields): array
    {
        $item = ['id' => $fields['_id'] ?? $key, 'type' => self::TYPES[$type] ?? 'document'];
        unset($fields['_id']);
        foreach ($fields as $field => $value) {
            if (in_array($field, ['author', 'editor', 'translator'], true) && preg_match('/\s+and\s+others\s*$/i', $value) === 1) {
                $item['bibtex'][self::CUT_SHORT] = trim(($item['bibtex'][self::CUT_SHORT] ?? '')." {$field} and others");
            }
            match (true) {
                trim($value) === '' => null,
                in_array($field, ['author', 'editor', 'translator'], true) => $item[$field] = self::names($value),
                $field === 'title' => $item['title'] = ExportHabits::title(Latex::text($value, true)),
                $field === 'subtitle' => $item['subtitle'] = Latex::text($value, true),
                in_array($field, ['journal', 'journaltitle', 'booktitle', 'maintitle'], true) => $item['container-title'] = Latex::text($value, true),
                $field === 'number' => $item[$item['type'] === 'article-journal' ? 'issue' : 'number'] = Latex::text($value),
                $field === 'issue' => $item['issue'] = Latex::text($value),
                $field === 'pages' => $item['page'] = (string) preg_replace('/\s*[-–—]+\s*/u', '-', Latex::text($value)),
                $field === 'urldate' => $item['accessed'] = $value,
                $field === 'date' => $item['issued'] = $value,
                in_array($field, ['year', 'month', 'day'], true) => null,
                $field === 'url' || $field === 'doi' => $item[self::PLAIN[$field]] ??= trim((string) preg_replace('/^\\\\url\{(.*)\}$/', '$1', str_replace(['\\_', '\\%', '\\&', '\\#', '{', '}'], ['_', '%', '&', '#', '', ''], $value))),
                $field === 'howpublished' && preg_match('~(https?://[^\s{}]+)~', $value, $m) === 1 => $item['URL'] ??= $m[1],
                $field === 'note' && preg_match('/^(?:accessed|retrieved|last (?:accessed|visited))(?: on)?:?\s+(.{6,20})$/iu', Latex::text($value), $m) === 1 && PartialDate::parse(rtrim($m[1], '.'))->isDate() => $item['accessed'] ??= PartialDate::parse(rtrim($m[1], '.'))->edtf(),
                isset(self::PLAIN[$field]) => $item[self::PLAIN[$field]] ??= Latex::text($value),
                default => $item['bibtex'][$field] = $value,
            };
        }
        if (isset($item['subtitle'])) {
            $item['title'] = ($item['title'] ?? '').': '.$item['subtitle'];
            unset($item['subtitle']);
        }
        if (isset($item['language'])) {
            $item['language'] = LanguageCode::of((string) $item['language']);
        }
        if (! isset($item['issued']) && isset($fields['year'])) {
            $item['issued'] = self::date($fields);
        }
        if ($item['type'] === 'document' && isset($item['URL'])) {
            $item['type'] = 'webpage';
        }
        if ($item['type'] === 'article-journal' && ! isset($item['volume']) && PressNames::isNewspaper((string) ($item['container-title'] ?? ''))) {
            $item['type'] = 'article-newspaper';
        }
        if ($type === 'phdthesis' || $type === 'mastersthesis') {
            $item['genre'] ??= $type === 'phdthesis' ? 'PhD dissertation' : 'Master’s thesis';
        }

        return $item;
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private static function date(array $fields): array
    {
        $year = Latex::text($fields['year']);
        if (preg_match('/^\d{4}$/', $year) !== 1) {
            return ['literal' => $year];
        }
        $said = Latex::text($fields['month'] ?? '');
        $season = Vocabulary::all()->seasonNumber($said);
        if ($season !== null) {
            return ['date-parts' => [[(int) $year]], 'season' => $season - 20];
        }
        $number = Vocabulary::all()->monthByStart($said) ?? (ctype_digit(substr($said, 0, 3)) ? (int) substr($said, 0, 3) : 0);
        // Databases put the day there too: "Jul 09".
        $fields['day'] ??= preg_match('/^(?|\p{L}+\.? (\d{1,2})|(\d{1,2}) \p{L}+\.?)$/u', $said, $m) === 1 ? $m[1] : '';

        return ['date-parts' => [array_values(array_filter([(int) $year, $number, $number > 0 ? (int) ($fields['day'] ?? 0) : 0]))]];
    }

    /** @return list<array<string, mixed>> */
    private static function names(string $value): array
    {
        $names = [];
        $depth = 0;
        $parts = [''];
        foreach (preg_split('/(\{|\}|\s+and\s+)/i', $value, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $piece) {
            $depth += ($piece === '{' ? 1 : 0) - ($piece === '}' ? 1 : 0);
            if ($depth === 0 && preg_match('/^\s+and\s+$/i', $piece) === 1) {
                $parts[] = '';
            } else {
                $parts[count($parts) - 1] .= $piece;
            }
        }
        foreach ($parts as $part) {
            $part = trim($part);
            if ($part === '' || strtolower($part) === 'others') {
                continue;
            }
            // A name wholly in braces is a group.
            if (preg_match('/^\{((?:[^{}]|\{[^{}]*\})*)\}$/', $part, $m) === 1) {
                $names[] = ['literal' => Latex::text($m[1])];

                continue;
            }
            $pieces = array_map(trim(...), explode(',', Latex::text($part)));
            // "Family, Jr., Given" is BibTeX's own order.
            $name = count($pieces) === 3 ? Name::parse("{$pieces[0]}, {$pieces[2]}, {$pieces[1]}") : Name::parse(implode(', ', $pieces));
            $names[] = array_filter(['family' => $name->family, 'given' => $name->given, 'non-dropping-particle' => $name->particle, 'suffix' => $name->suffix], static fn (string $one): bool => $one !== '');
        }

        return $names;
    }
}
