<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Format\LanguageCode;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Text\PressNames;
use Bibrel\Core\Text\Vocabulary;

/**
 * One entry as a CSL-JSON item: what its type and its fields say, by core/data/bibtex.php. Fields this has no place for
 * are kept under `custom.csl.bibtex`.
 */
final class EntryItem
{
    /** Parts of a date, which are read together. */
    private const DATE_PARTS = ['year' => 1, 'month' => 1, 'day' => 1];

    /** Titles with their subtitles, by the variable they make. */
    private const TITLES = [
        'title' => ['title', 'subtitle'],
        'booktitle' => ['booktitle', 'booksubtitle'],
        'maintitle' => ['maintitle', 'mainsubtitle'],
        'journal' => ['journal', 'journalsubtitle'],
        'journaltitle' => ['journaltitle', 'journalsubtitle'],
    ];

    private const VISITED = '/^(?:accessed|retrieved|last (?:accessed|visited))(?: on)?:?\s+(.{6,20})$/iu';

    private const COMING = '/^(?:in press|to appear|forthcoming|accepted(?: for publication)?|submitted)\.?$/i';

    private const HOUSE = '/\b(?:Press|Verlag|Books|Publish\w*|Univers\w*|Union|Editions?|Institut\w*|Society|Inc|Ltd|House)\b/u';

    /** Lists whose members "and" parts. */
    private const LISTS = [
        'publisher', 'institution', 'school', 'organization', 'address', 'location', 'origpublisher',
    ];

    /** @var array<string, mixed> */
    private array $item;

    /** @var array<string, mixed> */
    private readonly array $knowledge;

    /** @param  array<string, string>  $fields  as they stand in the entry */
    public function __construct(private readonly string $type, private array $fields)
    {
        $this->knowledge = require dirname(__DIR__, 4).'/data/bibtex.php';
        $this->item = ['id' => $fields['_id'] ?? '', 'type' => $this->knowledge['types'][$type] ?? 'document'];
        unset($this->fields['_id']);
        $this->fields = array_filter($this->fields, static fn (string $value): bool => trim($value) !== '');
    }

    /** @return array<string, mixed> */
    public function item(): array
    {
        $this->people();
        $this->titles();
        $this->dates();
        foreach ($this->fields as $field => $value) {
            $this->field($field, $value);
        }
        $this->settle();

        return $this->item;
    }

    private function take(string $field): string
    {
        $value = $this->fields[$field] ?? '';
        unset($this->fields[$field]);

        return $value;
    }

    private function people(): void
    {
        foreach ($this->knowledge['people'] as $field => $variable) {
            if (isset($this->fields[$field])) {
                $kind = $field === 'editor' ? strtolower($this->take('editortype')) : '';
                $variable = $this->knowledge['roles'][$kind] ?? $variable;
                $this->item[$variable] = [...$this->item[$variable] ?? [], ...self::names($this->take($field))];
            }
        }
        foreach (['editora', 'editorb', 'editorc'] as $field) {
            $variable = $this->knowledge['roles'][strtolower($this->take("{$field}type"))] ?? null;
            if ($variable !== null && isset($this->fields[$field])) {
                $this->item[$variable] = [...$this->item[$variable] ?? [], ...self::names($this->take($field))];
            }
        }
    }

    private function titles(): void
    {
        $said = ['title' => '', 'booktitle' => '', 'maintitle' => '', 'journal' => '', 'journaltitle' => ''];
        foreach (self::TITLES as $name => [$title, $subtitle]) {
            $main = (new Latex($this->take($title)))->text(true);
            $main = $name === 'title' ? (new ExportHabits($main))->undone() : $main;
            $rest = $main === '' ? '' : (new Latex($this->take($subtitle)))->text(true);
            $between = preg_match('/[?!:]$/u', $main) === 1 ? ' ' : ': ';
            $said[$name] = $rest === '' ? $main : $main.$between.$rest;
        }
        $whole = $said['booktitle'] ?: $said['journaltitle'] ?: $said['journal'];
        $volume = $this->fields['volume'] ?? '';
        if ($said['maintitle'] !== '' && $whole === '' && $this->item['type'] === 'book') {
            // A volume with a title of its own: "Coasts of the North: Vol. 2. The Lowlands".
            $said['title'] = "{$said['maintitle']}: ".($volume === '' ? '' : 'Vol. '.(new Latex($volume))->text().'. ')
                .$said['title'];
            $this->take('volume');
        } else {
            $whole = $whole ?: $said['maintitle'];
        }
        $isPart = $this->type === 'inbook' && $whole === '' && $said['title'] !== '';
        if ($isPart) {
            // BibTeX's own @inbook is a part of the book it names, told by its chapter.
            $chapter = (new Latex($this->take('chapter')))->text();
            $whole = $said['title'];
            $said['title'] = $chapter === '' ? '' : (ctype_digit($chapter) ? "Chapter {$chapter}" : $chapter);
        }
        $this->item += array_filter(
            ['title' => $said['title'], 'container-title' => $whole === $said['title'] ? '' : $whole],
        );
    }

    private function dates(): void
    {
        $date = $this->take('date');
        $this->item['issued'] = match (true) {
            $date !== '' => self::extended($date),
            isset($this->fields['year']) => self::inParts($this->fields),
            default => '',
        };
        $this->fields = array_diff_key($this->fields, self::DATE_PARTS);
        foreach ([
            'urldate' => 'accessed',
            'origdate' => 'original-date',
            'origyear' => 'original-date',
            'eventdate' => 'event-date',
        ] as $field => $variable) {
            $this->item[$variable] ??= self::extended($this->take($field));
        }
        $this->item = array_filter($this->item, static fn (mixed $value): bool => $value !== '');
    }

    private function field(string $field, string $value): void
    {
        $text = (new Latex($value))->text();
        $variable = $this->knowledge['fields'][$field] ?? null;
        match (true) {
            $field === 'url', $field === 'doi' => $this->item[(string) $variable] ??= self::address($value),
            $field === 'howpublished' => $this->published($value, $text),
            $field === 'note' => $this->note($text),
            $field === 'eprint' => $this->eprint($text),
            in_array($field, ['archiveprefix', 'eprinttype', 'eprintclass', 'primaryclass'], true) => $this->item['bibtex'][$field] = $value,
            $field === 'number' => $this->number($text),
            $field === 'issue' => $this->item['issue'] ??= $text,
            // "??-??" says that nobody knows them.
            $field === 'pages' && preg_match('/^[?\s–-]+$/u', $text) === 1 => $this->item['bibtex'][$field] = $value,
            $field === 'pages' => $this->item['page'] = (string) preg_replace('/\s*[-–—]+\s*/u', '-', $text),
            $field === 'chapter' => $this->item['section'] ??= $text,
            // Of a journal the series counts its volumes anew, which no style has a place for.
            $field === 'titleaddon', $field === 'series' && $this->item['type'] === 'article-journal' => $this->item['bibtex'][$field] = $value,
            $field === 'type' => $this->work($text),
            $field === 'organization' && $this->item['type'] === 'webpage' => $this->item['container-title'] ??= self::listed($value),
            $variable === '' => null,
            $variable !== null => $this->item[$variable] ??= in_array($field, self::LISTS, true) ? self::listed($value) : $text,
            default => $this->item['bibtex'][$field] = $value,
        };
    }

    /** How something came out that no house brought out: an address, or words. */
    private function published(string $value, string $text): void
    {
        if (preg_match('~(https?://[^\s{}]+)~', $value, $m) === 1) {
            $this->item['URL'] ??= $m[1];
        } elseif (! isset($this->fields['publisher']) && $text !== '') {
            $this->item['publisher'] ??= $text;
        } else {
            $this->item['bibtex']['howpublished'] = $value;
        }
    }

    private function note(string $text): void
    {
        $isVisit = preg_match(self::VISITED, $text, $m) === 1;
        $date = PartialDate::parse(rtrim($m[1] ?? '', '.'));
        match (true) {
            $isVisit && $date->isDate() => $this->item['accessed'] ??= $date->edtf(),
            preg_match(self::COMING, $text) === 1 => $this->item['status'] ??= 'in press',
            default => $this->item['note'] ??= $text,
        };
    }

    /** The number of a preprint in its archive, which brings it out. */
    private function eprint(string $text): void
    {
        $archive = trim($this->fields['archiveprefix'] ?? $this->fields['eprinttype'] ?? '');
        $isPreprint = $archive !== '' && ! isset($this->item['container-title']) && ! isset($this->fields['publisher'])
            && in_array($this->item['type'], ['document', 'webpage', 'manuscript', 'article-journal'], true);
        if ($isPreprint) {
            $this->item['type'] = 'article';
            $this->item['publisher'] = $archive;
            $this->item['number'] ??= $text;
        } else {
            $this->item['bibtex']['eprint'] = $text;
        }
    }

    /** In a journal the issue, in a series of books the place in it, and a document's own number elsewhere. */
    private function number(string $text): void
    {
        $variable = match (true) {
            $this->item['type'] === 'article-journal' => 'issue',
            isset($this->fields['series'])
                && in_array($this->item['type'], ['book', 'chapter', 'paper-conference'], true) => 'collection-number',
            default => 'number',
        };
        $this->item[$variable] ??= $text;
    }

    /** What several fields say together, and what the type is where they tell more than the entry's. */
    private function settle(): void
    {
        if (isset($this->item['language'])) {
            $this->item['language'] = (new LanguageCode((string) $this->item['language']))->code();
        }
        $isPaper = ! isset($this->item['volume'])
            && (new PressNames((string) ($this->item['container-title'] ?? '')))->isNewspaper();
        $this->item['type'] = match (true) {
            $this->item['type'] === 'document' && isset($this->item['URL']) => 'webpage',
            $this->item['type'] === 'article-journal' && $isPaper => 'article-newspaper',
            default => $this->item['type'],
        };
        if ($this->type === 'manual' && ! isset($this->item['author']) && isset($this->item['publisher'])) {
            // An organisation's manual is its own work.
            $this->item['author'] = [['literal' => $this->item['publisher']]];
        }
        $degree = ['phdthesis' => 'PhD dissertation', 'mastersthesis' => 'Master’s thesis'][$this->type] ?? null;
        $this->item += $degree === null ? [] : ['genre' => $degree];
    }

    /** An address without what LaTeX puts around and into it. */
    private static function address(string $value): string
    {
        $plain = str_replace(['\\_', '\\%', '\\&', '\\#', '{', '}'], ['_', '%', '&', '#', '', ''], $value);

        return trim((string) preg_replace('/^\\\\url(.*)$/', '$1', $plain));
    }

    /** The members of a list, which "and" parts where each is a house; it is also a part of their names. */
    private static function listed(string $value): string
    {
        $members = array_map(static fn (string $one): string => (new Latex($one))->text(), self::parted($value));

        $isHouse = static fn (string $one): bool => preg_match(self::HOUSE, $one) === 1;

        return array_filter($members, $isHouse) === $members ? implode('; ', $members) : (new Latex($value))->text();
    }

    /** What the work is called, by BibLaTeX's own key for it or in words; a patent says so by its type. */
    private function work(string $text): void
    {
        $words = str_starts_with(strtolower($text), 'pat') && $this->item['type'] === 'patent'
            ? ''
            : $this->knowledge['works'][strtolower($text)] ?? $text;
        if ($words !== '') {
            $this->item['genre'] ??= $words;
        }
    }

    /** A date of BibLaTeX, which is EDTF: "1850~", "199X", "1997/". */
    private static function extended(string $value): string
    {
        $date = trim(str_replace(['{', '}', '%'], ['', '', '~'], $value));
        $date = (string) preg_replace(
            ['/\s*~/', '/^(\d{3})[Xxu?]$/', '/^(\d{2})[Xxu?]{2}$/', '~^(\d{4})/(?:\.\.)?$~'],
            ['~', '${1}0s', '${1}00s', '$1–'],
            $date,
        );

        return rtrim($date, '?');
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, mixed>
     */
    private static function inParts(array $fields): array
    {
        $year = (new Latex($fields['year']))->text();
        if (preg_match('/^\d{4}$/', $year) !== 1) {
            return ['literal' => self::extended($year)];
        }
        $said = (new Latex($fields['month'] ?? ''))->text();
        $season = Vocabulary::all()->seasonNumber($said);
        if ($season !== null) {
            return ['date-parts' => [[(int) $year]], 'season' => $season - 20];
        }
        $months = array_map(self::month(...), preg_split('~\s*[-–/]+\s*~u', $said) ?: []);
        if (count($months) === 2 && $months[0] > 0 && $months[1] > 0) {
            return ['date-parts' => [[(int) $year, $months[0]], [(int) $year, $months[1]]]];
        }
        $month = self::month($said);
        // Databases put the day there too: "Jul 09".
        $fields['day'] ??= preg_match('/^(?|\p{L}+\.? (\d{1,2})|(\d{1,2}) \p{L}+\.?)$/u', $said, $m) === 1 ? $m[1] : '';

        return [
            'date-parts' => [array_values(array_filter([(int) $year, $month, $month > 0 ? (int) $fields['day'] : 0]))],
        ];
    }

    private static function month(string $said): int
    {
        $figures = substr($said, 0, 3);

        return Vocabulary::all()->monthByStart($said) ?? (ctype_digit($figures) ? (int) $figures : 0);
    }

    /** @return list<array<string, mixed>> */
    private static function names(string $value): array
    {
        $names = array_filter(
            array_map(trim(...), self::parted($value)),
            static fn (string $part): bool => $part !== '',
        );

        return array_values(array_map(self::name(...), $names));
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
        if (strtolower($part) === 'others') {
            return ['literal' => 'et al.'];
        }
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
