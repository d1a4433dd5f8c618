<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Format\LanguageCode;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Text\PressNames;

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

    /** Which method reads a field that is not simply taken over. */
    private const READERS = [
        'url' => 'location', 'doi' => 'location', 'howpublished' => 'published', 'note' => 'note', 'eprint' => 'eprint',
        'archiveprefix' => 'keep', 'eprinttype' => 'keep', 'eprintclass' => 'keep', 'primaryclass' => 'keep',
        'titleaddon' => 'keep', 'number' => 'number', 'issue' => 'plain', 'chapter' => 'plain', 'pages' => 'pages',
        'series' => 'series', 'type' => 'work', 'organization' => 'organization',
    ];

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
            $kind = $field === 'editor' ? strtolower($this->take('editortype')) : '';
            $this->named($field, $this->knowledge['roles'][$kind] ?? $variable);
        }
        foreach (['editora', 'editorb', 'editorc'] as $field) {
            $this->named($field, $this->knowledge['roles'][strtolower($this->take("{$field}type"))] ?? '');
        }
    }

    private function named(string $field, string $variable): void
    {
        if ($variable !== '' && isset($this->fields[$field])) {
            $names = (new EntryList($this->take($field)))->names();
            $this->item[$variable] = [...$this->item[$variable] ?? [], ...$names];
        }
    }

    private function titles(): void
    {
        $said = array_map(fn (array $fields): string => $this->titled(...$fields), self::TITLES);
        $title = (new ExportHabits($said['title']))->undone();
        $whole = $said['booktitle'] ?: $said['journaltitle'] ?: $said['journal'];
        [$title, $whole] = match (true) {
            $whole !== '' => [$title, $whole],
            $said['maintitle'] !== '' && $this->item['type'] === 'book' => [
                $this->ofVolumes($said['maintitle'], $title), '',
            ],
            $this->type === 'inbook' => [$this->chapter(), $title],
            default => [$title, $said['maintitle']],
        };
        $this->item += array_filter(['title' => $title, 'container-title' => $whole === $title ? '' : $whole]);
    }

    /** A volume with a title of its own: "Coasts of the North: Vol. 2. The Lowlands". */
    private function ofVolumes(string $whole, string $title): string
    {
        $volume = (new Latex($this->take('volume')))->text();

        return "{$whole}: ".($volume === '' ? '' : "Vol. {$volume}. ").$title;
    }

    /** BibTeX's own @inbook is a part of the book it names, told by its chapter. */
    private function chapter(): string
    {
        $chapter = (new Latex($this->take('chapter')))->text();

        return ctype_digit($chapter) ? "Chapter {$chapter}" : $chapter;
    }

    /** A title with its subtitle. */
    private function titled(string $field, string $subfield): string
    {
        $main = (new Latex($this->take($field)))->text(true);
        $rest = $main === '' ? '' : (new Latex($this->take($subfield)))->text(true);
        $between = preg_match('/[?!:]$/u', $main) === 1 ? ' ' : ': ';

        return $rest === '' ? $main : $main.$between.$rest;
    }

    private function dates(): void
    {
        $date = $this->take('date');
        $this->item['issued'] = match (true) {
            $date !== '' => (new EntryDate($date))->edtf(),
            isset($this->fields['year']) => EntryDate::inParts($this->fields),
            default => '',
        };
        $this->fields = array_diff_key($this->fields, self::DATE_PARTS);
        foreach ([
            'urldate' => 'accessed',
            'origdate' => 'original-date',
            'origyear' => 'original-date',
            'eventdate' => 'event-date',
        ] as $field => $variable) {
            $this->item[$variable] ??= (new EntryDate($this->take($field)))->edtf();
        }
        $this->item = array_filter($this->item, static fn (mixed $value): bool => $value !== '');
    }

    private function field(string $field, string $value): void
    {
        $reader = self::READERS[$field] ?? null;
        $variable = $this->knowledge['fields'][$field] ?? null;
        if ($reader !== null) {
            $this->{$reader}($field, $value);
        } elseif ($variable === null) {
            $this->keep($field, $value);
        } elseif ($variable !== '') {
            $isList = in_array($field, self::LISTS, true);
            $this->item[$variable] ??= $isList ? (new EntryList($value))->houses() : self::text($value);
        }
    }

    private static function text(string $value): string
    {
        return (new Latex($value))->text();
    }

    /** What no other format has a name for comes back as it was. */
    private function keep(string $field, string $value): void
    {
        $this->item['bibtex'][$field] = $value;
    }

    private function location(string $field, string $value): void
    {
        $this->item[strtoupper($field)] ??= self::address($value);
    }

    private function pages(string $field, string $value): void
    {
        $text = self::text($value);
        // "??-??" says that nobody knows them.
        if (preg_match('/^[?\s–-]+$/u', $text) === 1) {
            $this->keep($field, $value);
        } else {
            $this->item['page'] = (string) preg_replace('/\s*[-–—]+\s*/u', '-', $text);
        }
    }

    private function plain(string $field, string $value): void
    {
        $text = self::text($value);
        $this->item[$field === 'chapter' ? 'section' : $field] ??= $text;
    }

    /** Of a journal the series counts its volumes anew, which no style has a place for. */
    private function series(string $field, string $value): void
    {
        $text = self::text($value);
        if ($this->item['type'] === 'article-journal') {
            $this->keep($field, $value);
        } else {
            $this->item['collection-title'] ??= $text;
        }
    }

    /** Who answers for a website is its name; elsewhere an organisation brings out. */
    private function organization(string $field, string $value): void
    {
        $variable = $this->item['type'] === 'webpage' ? 'container-title' : 'publisher';
        $this->item[$variable] ??= (new EntryList($value))->houses();
    }

    /** How something came out that no house brought out: an address, or words. */
    private function published(string $field, string $value): void
    {
        $text = self::text($value);
        if (preg_match('~(https?://[^\s{}]+)~', $value, $m) === 1) {
            $this->item['URL'] ??= $m[1];
        } elseif (! isset($this->fields['publisher']) && $text !== '') {
            $this->item['publisher'] ??= $text;
        } else {
            $this->keep($field, $value);
        }
    }

    private function note(string $field, string $value): void
    {
        $text = self::text($value);
        $isVisit = preg_match(self::VISITED, $text, $m) === 1;
        $date = PartialDate::parse(rtrim($m[1] ?? '', '.'));
        match (true) {
            $isVisit && $date->isDate() => $this->item['accessed'] ??= $date->edtf(),
            preg_match(self::COMING, $text) === 1 => $this->item['status'] ??= 'in press',
            default => $this->item['note'] ??= $text,
        };
    }

    /** The number of a preprint in its archive, which brings it out. */
    private function eprint(string $field, string $value): void
    {
        $text = self::text($value);
        $archive = trim($this->fields['archiveprefix'] ?? $this->fields['eprinttype'] ?? '');
        $isPreprint = $archive !== '' && ! isset($this->item['container-title']) && ! isset($this->fields['publisher'])
            && in_array($this->item['type'], ['document', 'webpage', 'manuscript', 'article-journal'], true);
        if ($isPreprint) {
            $this->item['type'] = 'article';
            $this->item['publisher'] = $archive;
            $this->item['number'] ??= $text;
        } else {
            $this->keep($field, $value);
        }
    }

    /** In a journal the issue, in a series of books the place in it, and a document's own number elsewhere. */
    private function number(string $field, string $value): void
    {
        $text = self::text($value);
        $variable = match (true) {
            $this->item['type'] === 'article-journal' => 'issue',
            isset($this->fields['series'])
                && in_array($this->item['type'], ['book', 'chapter', 'paper-conference'], true) => 'collection-number',
            default => 'number',
        };
        $this->item[$variable] ??= $text;
    }

    /** What several fields say together. */
    private function settle(): void
    {
        if (isset($this->item['language'])) {
            $this->item['language'] = (new LanguageCode((string) $this->item['language']))->code();
        }
        $this->item['type'] = $this->told($this->item['type']);
        if ($this->type === 'manual' && isset($this->item['publisher'])) {
            // An organisation's manual is its own work.
            $this->item['author'] ??= [['literal' => $this->item['publisher']]];
        }
        $degree = ['phdthesis' => 'PhD dissertation', 'mastersthesis' => 'Master’s thesis'][$this->type] ?? null;
        $this->item += $degree === null ? [] : ['genre' => $degree];
    }

    /** The type, where what is filled in tells more than the entry's. */
    private function told(string $type): string
    {
        $isPaper = fn (): bool => ! isset($this->item['volume'])
            && (new PressNames((string) ($this->item['container-title'] ?? '')))->isNewspaper();

        return match (true) {
            $type === 'document' && isset($this->item['URL']) => 'webpage',
            $type === 'article-journal' && $isPaper() => 'article-newspaper',
            default => $type,
        };
    }

    /** An address without what LaTeX puts around and into it. */
    private static function address(string $value): string
    {
        $plain = str_replace(['\\_', '\\%', '\\&', '\\#', '{', '}'], ['_', '%', '&', '#', '', ''], $value);

        return trim((string) preg_replace('/^\\\\url(.*)$/', '$1', $plain));
    }

    /** What the work is called, by BibLaTeX's own key for it or in words; a patent says so by its type. */
    private function work(string $field, string $value): void
    {
        $text = self::text($value);
        $words = str_starts_with(strtolower($text), 'pat') && $this->item['type'] === 'patent'
            ? ''
            : $this->knowledge['works'][strtolower($text)] ?? $text;
        if ($words !== '') {
            $this->item['genre'] ??= $words;
        }
    }
}
