<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Format\LanguageCode;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Text\Charset;
use Bibrel\Core\Text\PressNames;
use Bibrel\Core\Text\Vocabulary;

/**
 * Reads BibTeX and BibLaTeX entries: nested braces, quoted and joined values, string macros, crossref, missing commas,
 * LaTeX accents. Fields this has no place for are kept under `custom.csl.bibtex`.
 */
final class EntryReader
{
    private const TYPES = [
        'article' => 'article-journal', 'book' => 'book', 'booklet' => 'pamphlet', 'collection' => 'book',
        'inbook' => 'chapter', 'incollection' => 'chapter', 'inproceedings' => 'paper-conference',
        'conference' => 'paper-conference', 'proceedings' => 'book', 'manual' => 'report',
        'mastersthesis' => 'thesis', 'phdthesis' => 'thesis', 'thesis' => 'thesis', 'techreport' => 'report',
        'report' => 'report', 'unpublished' => 'manuscript', 'online' => 'webpage', 'electronic' => 'webpage',
        'www' => 'webpage', 'misc' => 'document', 'dataset' => 'dataset', 'software' => 'software',
        'video' => 'motion_picture', 'movie' => 'motion_picture', 'inreference' => 'entry-encyclopedia',
        'patent' => 'patent',
    ];

    /** Under this name it is kept which lists of names end in "and others". */
    public const CUT_SHORT = 'names cut short';

    private const PLAIN = [
        'publisher' => 'publisher', 'institution' => 'publisher', 'school' => 'publisher',
        'organization' => 'publisher', 'address' => 'publisher-place', 'location' => 'publisher-place',
        'volume' => 'volume', 'edition' => 'edition', 'series' => 'collection-title', 'doi' => 'DOI', 'url' => 'URL',
        'isbn' => 'ISBN', 'language' => 'language', 'langid' => 'language', 'version' => 'version',
        'pubstate' => 'status', 'shorttitle' => 'title-short', 'annote' => 'annote', 'annotation' => 'annote',
        'type' => 'genre', 'eid' => 'number', 'issn' => 'ISSN', 'abstract' => 'abstract', 'keywords' => 'keyword',
        'note' => 'note', 'volumes' => 'number-of-volumes', 'origtitle' => 'original-title',
    ];

    private const PEOPLE = ['author', 'editor', 'translator'];

    private const CONTAINERS = ['journal', 'journaltitle', 'booktitle', 'maintitle'];

    /** Parts of a date, which are read together. */
    private const DATE_PARTS = ['year', 'month', 'day'];

    /** How long one value may get; no abstract is longer. */
    private const LONGEST = 200_000;

    private const VISITED = '/^(?:accessed|retrieved|last (?:accessed|visited))(?: on)?:?\s+(.{6,20})$/iu';

    /** What may stand between fields: commas, missing or doubled, and remarks to the end of the line. */
    private const BETWEEN = '(?:[\s,]|%[^\n]*)*+';

    private readonly string $text;

    private int $at = 0;

    /** @var array<string, string> */
    private array $macros = [];

    public function __construct(string $text)
    {
        $this->text = (new Charset($text))->toUtf8();
    }

    /**
     * @return list<array<string, mixed>> CSL-JSON items
     *
     * @throws Unreadable
     */
    public function items(): array
    {
        $entries = $this->entries();
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

    /** @return list<array{type: string, key: string, fields: array<string, string>}> */
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
            $id = $key[1] ?? '';
            $entries[] = ['type' => $type, 'key' => strtolower($id), 'fields' => ['_id' => $id, ...$this->fields()]];
        }

        return $entries;
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
                throw new Unreadable('A value in this text is made of so many pieces that it is longer than '.self::LONGEST
                    .' characters. Take the @string that repeats itself out, and paste it again.');
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
        foreach (array_diff_key($fields, array_flip(self::DATE_PARTS)) as $field => $value) {
            if (trim($value) !== '') {
                $item = self::withField($item, $field, $value);
            }
        }

        return self::settled(self::inWhole($item, $fields), $type);
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, mixed> the item with what a field says in its place
     */
    private static function withField(array $item, string $field, string $value): array
    {
        if (in_array($field, self::PEOPLE, true)) {
            return self::withPeople($item, $field, $value);
        }
        match (true) {
            $field === 'urldate' => $item['accessed'] = $value,
            $field === 'date' => $item['issued'] = $value,
            $field === 'url', $field === 'doi' => $item[self::PLAIN[$field]] ??= self::address($value),
            self::link($field, $value) !== '' => $item['URL'] ??= self::link($field, $value),
            self::visited($field, $value) !== '' => $item['accessed'] ??= self::visited($field, $value),
            default => $item = self::withText($item, $field, $value),
        };

        return $item;
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function withText(array $item, string $field, string $value): array
    {
        $variable = self::PLAIN[$field] ?? '';
        match (true) {
            $field === 'title' => $item['title'] = (new ExportHabits((new Latex($value))->text(true)))->undone(),
            $field === 'subtitle' => $item['subtitle'] = (new Latex($value))->text(true),
            in_array($field, self::CONTAINERS, true) => $item['container-title'] = (new Latex($value))->text(true),
            $field === 'number' => $item[$item['type'] === 'article-journal' ? 'issue' : 'number'] = (new Latex($value))->text(),
            $field === 'issue' => $item['issue'] = (new Latex($value))->text(),
            $field === 'pages' => $item['page'] = (string) preg_replace('/\s*[-–—]+\s*/u', '-', (new Latex($value))->text()),
            $variable !== '' => $item[$variable] ??= (new Latex($value))->text(),
            default => $item['bibtex'][$field] = $value,
        };

        return $item;
    }

    /**
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function withPeople(array $item, string $field, string $value): array
    {
        if (preg_match('/\s+and\s+others\s*$/i', $value) === 1) {
            $item['bibtex'][self::CUT_SHORT] = trim(($item['bibtex'][self::CUT_SHORT] ?? '')." {$field} and others");
        }

        return [...$item, $field => self::names($value)];
    }

    /** An address without what LaTeX puts around and into it. */
    private static function address(string $value): string
    {
        $plain = str_replace(['\\_', '\\%', '\\&', '\\#', '{', '}'], ['_', '%', '&', '#', '', ''], $value);

        return trim((string) preg_replace('/^\\\\url(.*)$/', '$1', $plain));
    }

    /** The address in a note on how something was published; '' where there is none. */
    private static function link(string $field, string $value): string
    {
        return $field === 'howpublished' && preg_match('~(https?://[^\s{}]+)~', $value, $m) === 1 ? $m[1] : '';
    }

    /** The day of a visit in a note; '' where it tells none. */
    private static function visited(string $field, string $value): string
    {
        if ($field !== 'note' || preg_match(self::VISITED, (new Latex($value))->text(), $m) !== 1) {
            return '';
        }
        $date = PartialDate::parse(rtrim($m[1], '.'));

        return $date->isDate() ? $date->edtf() : '';
    }

    /**
     * What several fields say together: the title with its subtitle, the date, the code of the language.
     *
     * @param  array<string, mixed>  $item
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private static function inWhole(array $item, array $fields): array
    {
        if (isset($item['subtitle'])) {
            $item['title'] = ($item['title'] ?? '').': '.$item['subtitle'];
            unset($item['subtitle']);
        }
        if (isset($item['language'])) {
            $item['language'] = (new LanguageCode((string) $item['language']))->code();
        }
        if (! isset($item['issued']) && isset($fields['year'])) {
            $item['issued'] = self::date($fields);
        }

        return $item;
    }

    /**
     * The type, where what is filled in tells more than the entry's.
     *
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function settled(array $item, string $type): array
    {
        $isPaper = ! isset($item['volume'])
            && (new PressNames((string) ($item['container-title'] ?? '')))->isNewspaper();
        $item['type'] = match (true) {
            $item['type'] === 'document' && isset($item['URL']) => 'webpage',
            $item['type'] === 'article-journal' && $isPaper => 'article-newspaper',
            default => $item['type'],
        };
        $degree = ['phdthesis' => 'PhD dissertation', 'mastersthesis' => 'Master’s thesis'][$type] ?? null;

        return $degree === null ? $item : $item + ['genre' => $degree];
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private static function date(array $fields): array
    {
        $year = (new Latex($fields['year']))->text();
        if (preg_match('/^\d{4}$/', $year) !== 1) {
            return ['literal' => $year];
        }
        $said = (new Latex($fields['month'] ?? ''))->text();
        $season = Vocabulary::all()->seasonNumber($said);
        if ($season !== null) {
            return ['date-parts' => [[(int) $year]], 'season' => $season - 20];
        }
        $figures = substr($said, 0, 3);
        $month = Vocabulary::all()->monthByStart($said) ?? (ctype_digit($figures) ? (int) $figures : 0);
        // Databases put the day there too: "Jul 09".
        $fields['day'] ??= preg_match('/^(?|\p{L}+\.? (\d{1,2})|(\d{1,2}) \p{L}+\.?)$/u', $said, $m) === 1 ? $m[1] : '';

        return [
            'date-parts' => [array_values(array_filter([(int) $year, $month, $month > 0 ? (int) $fields['day'] : 0]))],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function names(string $value): array
    {
        $names = array_map(self::name(...), array_filter(
            array_map(trim(...), self::parted($value)),
            static fn (string $part): bool => $part !== '' && strtolower($part) !== 'others',
        ));

        return array_values($names);
    }

    /** @return list<string> the names of a list, parted by "and" outside braces */
    private static function parted(string $value): array
    {
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

        return $parts;
    }

    /** @return array<string, string> */
    private static function name(string $part): array
    {
        // A name wholly in braces is a group.
        if (preg_match('/^\{((?:[^{}]|\{[^{}]*\})*)\}$/', $part, $m) === 1) {
            return ['literal' => (new Latex($m[1]))->text()];
        }
        $pieces = array_map(trim(...), explode(',', (new Latex($part))->text()));
        // "Family, Jr., Given" is BibTeX's own order.
        $name = Name::parse(implode(', ', count($pieces) === 3 ? [$pieces[0], $pieces[2], $pieces[1]] : $pieces));
        $item = [
            'family' => $name->family,
            'given' => $name->given,
            'non-dropping-particle' => $name->particle,
            'suffix' => $name->suffix,
        ];

        return array_filter($item, static fn (string $one): bool => $one !== '');
    }
}
