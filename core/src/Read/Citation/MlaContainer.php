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
        $fields = [];
        $people = [];
        $left = [];
        $genre = '';
        $isAudio = false;
        $chunk = self::seventh($chunk, $fields);
        $pieces = preg_split('/,\s+(?!(?:Jr|Sr|Inc|Ltd|LLC)\b)/u', $chunk) ?: [];
        $isDateFirst = CitedDate::is(trim($pieces[0] ?? ''));
        for ($i = 0, $last = ''; $i < count($pieces); $i++) {
            $piece = trim($pieces[$i]);
            $found = self::role($piece, $pieces[$i + 1] ?? '');
            if ($found !== null) {
                [$more, $skip] = $found;
                $people = [...$people, ...$more];
                $i += $skip;
                $last = '';

                continue;
            }
            $before = $last;
            $last = '';
            match (true) {
                // The time of day of a post.
                preg_match('/^\d{1,2}:\d{2}(?:\s?[ap]\.?m\.?)?$/iu', $piece) === 1 => null,
                CitedDate::is($piece) => $fields['date'] ??= CitedDate::text($piece),
                preg_match('/^(?:vols?\.?|volume)\s*(\d.*|[IVXLC]+)$/iu', $piece, $m) === 1 => $fields['volume'] = PageRange::typed($m[1]),
                preg_match('/^(?:nos?\.?|issue|iss\.|number)\s*(\d.*)$/iu', $piece, $m) === 1 => $fields['issue'] = PageRange::typed($m[1]),
                preg_match('/^suppl\.\s*(.+)$/iu', $piece, $m) === 1 => $fields['issue'] = "Suppl. {$m[1]}",
                preg_match(
                    '/^(?:pp?\.?|pgs?\.?|pages?)\s*((?:\p{Lu}{0,2}|e)\d.*|[ivxlc]+[–-].*)$/iu',
                    $piece,
                    $m,
                ) === 1 => [$fields['pages'], $last] = [PageRange::typed($m[1]), 'pages'],
                $before === 'pages' && preg_match('/^\d+(?:[–-]\d+)?\+?$/u', $piece) === 1 => [$fields['pages'], $last] = [$fields['pages'].', '.PageRange::typed($piece), 'pages'],
                preg_match('/^article\s+(\S+)$/u', $piece, $m) === 1 => $fields['articleNumber'] = $m[1],
                preg_match('/^season\s+(\d+)$/iu', $piece, $m) === 1 => $fields['season'] = $m[1],
                preg_match('/^(?:episode|ep\.)\s+(\d+)$/iu', $piece, $m) === 1 => $fields['episode'] = $m[1],
                $piece === 'audiobook ed.' || $piece === 'audiobook ed' => $isAudio = true,
                preg_match('/^(\d+(?:st|nd|rd|th))\s+ed\.?$/u', $piece, $m) === 1 => $fields['edition'] = $m[1],
                preg_match('/^.+\s+ed\.?$/u', $piece) === 1 => $fields['edition'] = rtrim($piece, '.').'.',
                preg_match('/^version\s+(.+)$/iu', $piece, $m) === 1 => $fields['version'] = $m[1],
                preg_match('/^(?:in press|forthcoming)$/iu', $piece) === 1 => $fields['status'] = mb_strtolower($piece),
                $piece === 'Diss.' => $genre = 'PhD dissertation',
                preg_match('/(?:dissertation|thesis)$/iu', $piece) === 1 => $genre = $piece,
                default => $left[$i] = $piece,
            };
        }
        if ($isDateFirst && $left !== []) {
            return self::kept($fields, $people, implode(', ', $left));
        }
        if ($left !== [] && $hasTitle && array_key_first($left) === 0) {
            $fields['title'] = array_shift($left);
        }
        // An event has its place behind its day.
        $dated = array_key_first(array_filter($pieces, static fn (string $piece): bool => CitedDate::is(trim($piece))));
        if (isset($fields['title'])
            && $left !== []
            && $dated !== null
            && array_key_first(
                array_filter($pieces, static fn (string $piece): bool => in_array(trim($piece), $left, true)),
            ) > $dated) {
            $fields['place'] = implode(', ', $left);

            return new self($fields, $people, 'lecture', $genre);
        }
        if ($left !== []) {
            $fields['publisher'] = implode(', ', $left);
            // The place, which MLA printed until its 7th edition.
            if (preg_match(
                '/^(\p{Lu}[\p{L}. ]{2,30}(?:, \p{Lu}{2})?): (\p{Lu}.*)$/u',
                $fields['publisher'],
                $m,
            ) === 1) {
                [$fields['place'], $fields['publisher']] = [$m[1], $m[2]];
            }
        }

        return new self($fields, $people, $isAudio ? 'audiobook' : self::kind($fields, $people, $genre), $genre);
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
                    'pages' => PageRange::typed($m[5]),
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
                ['date' => CitedDate::text($m[2]), 'edition' => $m[3], 'pages' => PageRange::typed($m[4])],
                static fn (string $value): bool => $value !== '' && $value !== 'n. pag',
            );

            return $m[1];
        }

        return $chunk;
    }
}
