<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\PageRange;

/** One container of an MLA entry, its elements between commas (MLA Handbook, 9th ed., 5.31-5.99). */
final readonly class MlaContainer
{
    private const ROLES = [
        'edited by' => 'editor', 'translated by' => 'translator', 'directed by' => 'director',
        'illustrated by' => 'illustrator', 'narrated by' => 'narrator', 'read by' => 'narrator',
        'introduction by' => 'introduction', 'foreword by' => 'foreword', 'afterword by' => 'afterword',
        'hosted by' => 'host', 'uploaded by' => 'uploader', 'performances? by' => 'performer',
        'performed by' => 'performer', 'created by' => 'creator', 'compiled by' => 'compiler',
        'composed by' => 'composer', 'music by' => 'composer', 'conducted by' => 'conductor', 'curated by' => 'curator',
        'produced by' => 'producer', 'screenplay by' => 'writer', 'written by' => 'writer',
        'interview by' => 'interviewer', 'by' => 'author',
    ];

    /** Roles that stand before the name, parted from it by a comma. */
    private const BEFORE = [
        'executive producer' => 'executive-producer',
        'director' => 'director',
        'producer' => 'producer',
        'host' => 'host',
        'narrator' => 'narrator',
        'performer' => 'performer',
    ];

    /** What a piece says by its words, and the field that is for. */
    private const ELEMENTS = [
        // The time of day of a post.
        '/^\d{1,2}:\d{2}(?:\s?[ap]\.?m\.?)?$/iu' => 'time',
        '/^(?:vols?\.?|volume)\s*(\d.*|[IVXLC]+)$/iu' => 'volume',
        '/^(?:nos?\.?|issue|iss\.|number)\s*(\d.*)$/iu' => 'issue',
        '/^(?:pp?\.?|pgs?\.?|pages?)\s*((?:\p{Lu}{0,2}|e)\d.*|[ivxlc]+[–-].*)$/iu' => 'pages',
        '/^article\s+(\S+)$/u' => 'articleNumber',
        '/^season\s+(\d+)$/iu' => 'season',
        '/^(?:episode|ep\.)\s+(\d+)$/iu' => 'episode',
        '/^audiobook ed\.?$/u' => 'audio',
        '/^(\d+(?:st|nd|rd|th))\s+ed\.?$/u' => 'edition',
        '/^version\s+(.+)$/iu' => 'version',
        '/^(?:in press|forthcoming)$/iu' => 'status',
        '/(?:dissertation|thesis)$/iu' => 'genre',
    ];

    /**
     * @param  array<string, string>  $fields  of the container
     * @param  list<array<string, mixed>>  $people  who stand in it, as contributors
     * @param  string  $kind  the kind of source such a container speaks for; '' where it speaks for none
     * @param  string  $genre  "PhD dissertation"
     */
    private function __construct(public array $fields, public array $people, public string $kind, public string $genre)
    {
    }

    public static function parse(string $chunk, bool $hasTitle): self
    {
        $seventh = [];
        $chunk = self::seventh($chunk, $seventh);
        $pieces = array_map(trim(...), preg_split('/,\s+(?!(?:Jr|Sr|Inc|Ltd|LLC)\b)/u', $chunk) ?: []);
        [$fields, $people, $left, $genre, $isAudio] = self::sorted($pieces, $seventh);
        if ($left !== [] && CitedDate::is($pieces[0])) {
            return self::kept($fields, $people, implode(', ', $left));
        }
        $place = $hasTitle && isset($left[0]) ? self::placeAfterDate($pieces, array_slice($left, 1, null, true)) : '';
        if ($hasTitle && isset($left[0])) {
            $fields['title'] = array_shift($left);
        }
        if ($place !== '') {
            return new self([...$fields, 'place' => $place], $people, 'lecture', $genre);
        }
        $fields = [...$fields, ...self::imprint(implode(', ', $left))];

        return new self($fields, $people, $isAudio ? 'audiobook' : self::kind($fields, $people, $genre), $genre);
    }

    /**
     * @param  list<string>  $pieces  between commas
     * @param  array<string, string>  $fields  what is known of them
     * @return array{array<string, string>, list<array<string, mixed>>, array<int, string>, string, bool} fields,
     *         people,
     *         pieces that say nothing by themselves, what was handed in, whether it is read aloud
     */
    private static function sorted(array $pieces, array $fields): array
    {
        [$people, $left, $genre, $isAudio, $last] = [[], [], '', false, ''];
        for ($i = 0; $i < count($pieces); $i++) {
            $found = self::role($pieces[$i], $pieces[$i + 1] ?? '');
            if ($found !== null) {
                $people = [...$people, ...$found[0]];
                $i += $found[1];
                $last = '';

                continue;
            }
            [$field, $value] = self::element($pieces[$i], $last);
            match ($field) {
                'left' => $left[$i] = $value,
                'genre' => $genre = $value,
                'audio' => $isAudio = true,
                'time' => null,
                'date' => $fields['date'] ??= $value,
                'pages' => $fields['pages'] = $last === 'pages' ? "{$fields['pages']}, {$value}" : $value,
                default => $fields[$field] = $value,
            };
            $last = $field;
        }

        return [$fields, $people, $left, $genre, $isAudio];
    }

    /**
     * @param  string  $last  the field of the piece before
     * @return array{string, string} the field a piece is for, or "left" where it does not say, and its value
     */
    private static function element(string $piece, string $last): array
    {
        if (CitedDate::is($piece)) {
            return ['date', CitedDate::text($piece)];
        }
        if ($last === 'pages' && preg_match('/^\d+(?:[–-]\d+)?\+?$/u', $piece) === 1) {
            return ['pages', (new PageRange($piece))->typed()];
        }
        foreach (self::ELEMENTS as $pattern => $field) {
            if (preg_match($pattern, $piece, $m) === 1) {
                $value = $m[1] ?? $piece;

                return [$field, match ($field) {
                    'volume', 'issue', 'pages' => (new PageRange($value))->typed(),
                    'status' => mb_strtolower($value),
                    default => $value,
                }];
            }
        }

        return match (true) {
            $piece === 'Diss.' => ['genre', 'PhD dissertation'],
            preg_match('/^suppl\.\s*(.+)$/iu', $piece, $m) === 1 => ['issue', "Suppl. {$m[1]}"],
            preg_match('/\sed\.?$/u', $piece) === 1 => ['edition', rtrim($piece, '.').'.'],
            default => ['left', $piece],
        };
    }

    /**
     * An event has its place after its day.
     *
     * @param  list<string>  $pieces
     * @param  array<int, string>  $left  by their place among the pieces, without the title
     */
    private static function placeAfterDate(array $pieces, array $left): string
    {
        $dated = array_key_first(array_filter($pieces, CitedDate::is(...)));

        return $left !== [] && $dated !== null && array_key_first($left) > $dated ? implode(', ', $left) : '';
    }

    /** @return array<string, string> the publisher, with the place MLA printed until its 7th edition */
    private static function imprint(string $house): array
    {
        return match (true) {
            $house === '' => [],
            preg_match('/^(\p{Lu}[\p{L}. ]{2,30}(?:, \p{Lu}{2})?): (\p{Lu}.*)$/u', $house, $m) === 1 => [
                'place' => $m[1], 'publisher' => $m[2],
            ],
            default => ['publisher' => $house],
        };
    }

    /** Whether there is nothing in it but people. */
    public function isOnlyPeople(): bool
    {
        return $this->people !== [] && $this->fields === [];
    }

    /**
     * What is kept somewhere: its date, and the collection it is in.
     *
     * @param  array<string, string>  $fields
     * @param  list<array<string, mixed>>  $people
     */
    private static function kept(array $fields, array $people, string $collection): self
    {
        $kind = match (true) {
            preg_match('/\b(?:Box|Folder|MS|Papers|Records?|Archives?)\b/u', $collection) === 1 => 'archive-item',
            str_contains($fields['date'] ?? '', '/') => 'exhibition',
            default => 'artwork',
        };

        return new self([...$fields, 'collection' => $collection], $people, $kind, '');
    }

    /**
     * @param  array<string, string>  $fields
     * @param  list<array<string, mixed>>  $people
     */
    private static function kind(array $fields, array $people, string $genre): string
    {
        $has = static fn (string ...$names): bool => array_diff_key(array_flip($names), $fields) === [];

        return match (true) {
            $genre !== '' => 'thesis',
            isset($fields['season']) || isset($fields['episode']) => 'tv-episode',
            $has('volume', 'title') && ! isset($fields['publisher']) => 'journal-article',
            $has('articleNumber', 'title'), $has('status', 'title') && ! isset($fields['publisher']) => 'journal-article',
            $has('pages', 'title', 'publisher') => 'chapter',
            $has('pages', 'title') => preg_match('/^[A-Z]\d/', $fields['pages']) === 1 ? 'newspaper-article' : 'magazine-article',
            $has('title', 'publisher')
                && preg_match('/\b(?:Records|Recordings|Music)\b/u', $fields['publisher']) === 1 => 'song',
            in_array('director', array_column($people, 'role'), true) && ! isset($fields['title']) && $fields !== [] => 'film',
            default => '',
        };
    }

    /**
     * @return ?array{list<array<string, mixed>>, int} the people a piece names, and how many more pieces it takes; null
     *         where it names none
     */
    private static function role(string $piece, string $next): ?array
    {
        if (preg_match(

            '/^(edited|translated|compiled|illustrated|introduced) and (edited|translated|compiled|illustrated) by (.+)$/iu',
            $piece,
            $m,
        ) === 1) {
            return [
                array_merge(
                    ...array_map(
                        static fn (string $name): array => [
                            self::person(self::ROLES[mb_strtolower($m[1]).' by'] ?? 'introduction', $name),
                            self::person(self::ROLES[mb_strtolower($m[2]).' by'], $name),
                        ],
                        self::names($m[3]),
                    ),
                ),
                0,
            ];
        }
        foreach (self::ROLES as $words => $role) {
            if (preg_match("/^{$words}\\s+(.+)$/iu", $piece, $m) === 1) {
                return [
                    array_map(
                        static fn (string $name): array => self::person($role, $name),
                        self::names((string) preg_replace('/\s+et al\.?$/u', '', $m[1])),
                    ),
                    0,
                ];
            }
        }
        $role = self::BEFORE[mb_strtolower($piece)] ?? null;

        return $role === null || $next === '' ? null : [[self::person($role, trim($next))], 1];
    }

    /** @return array{role: string, name: array<string, mixed>} */
    private static function person(string $role, string $name): array
    {
        return ['role' => $role, 'name' => Name::guessed($name)->toArray()];
    }

    /** @return list<string> two people where both have given and family name; else one name that has an "and" in it */
    private static function names(string $text): array
    {
        return preg_match('/^(\S+ \S.*?)\s+and\s+(\S+ \S.*)$/u', $text, $m) === 1 ? [$m[1], $m[2]] : [$text];
    }

    /**
     * The 7th edition's way with a periodical: "Journal 12.3 (2016): 215–39" and "Courier 2 Nov. 2021, late ed.: A12".
     *
     * @param  array<string, string>  $fields
     */
    private static function seventh(string $chunk, array &$fields): string
    {
        // So do other styles: "Journal 12, no. 3 (2016): 215–39".
        if (preg_match('/^(.+?),?\s+(\d+)(?:(?:\.|,\s*no\.\s*)(\d+))?\s+\((.*?\d{4})\):\s*(.+)$/u', $chunk, $m) === 1) {
            $fields = array_filter(
                [
                    'volume' => $m[2],
                    'issue' => $m[3],
                    'date' => CitedDate::text($m[4]),
                    'pages' => (new PageRange($m[5]))->typed(),
                ],
                static fn (string $value): bool => $value !== '',
            );

            return $m[1];
        }
        if (preg_match(
            '/^(.+?)\s+((?:\d{1,2} )?[A-Z][a-z]{2,8}\.? \d{4})(?:,\s*([^,:]+ ed\.))?:\s*(.+)$/u',
            $chunk,
            $m,
        ) === 1
            && CitedDate::is($m[2])) {
            $fields = array_filter(
                ['date' => CitedDate::text($m[2]), 'edition' => $m[3], 'pages' => (new PageRange($m[4]))->typed()],
                static fn (string $value): bool => $value !== '' && $value !== 'n. pag',
            );

            return $m[1];
        }

        return $chunk;
    }
}
