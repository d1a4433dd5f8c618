<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Catalogue;

use Bibrel\Core\Format\LanguageCode;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Degree;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Isbn;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;

/** A library's record of a book, film, map, score or recording, read into findings. */
final readonly class CatalogueRecord
{
    private const WHERE = 'From the library catalogue.';

    /** What a catalogue writes where it knows no publisher. */
    private const NOBODY = '/^\[?\s*(?:s\.?\s?n\.?|n\.?\s?p\.?|publisher not identified'
        .'|verlag nicht (?:ermittelbar|angegeben)|éditeur non identifié|editor no identificado|editore non identificato)\s*\]?$/iu';

    private const NOWHERE = '/^\[?\s*(?:s\.?\s?l\.?|n\.?\s?p\.?|place of publication not identified'
        .'|erscheinungsort nicht ermittelbar|lieu de publication non identifié|lugar de publicación no identificado)\s*\]?$/iu';

    /** First editions, as catalogues in several languages write them. */
    private const FIRST = '/^(?:first\b|1st\b|1\s?(?:\.|re|ère|ª|a|º|e)?,?\s*(?:aufl|éd|ed|uppl|utg|udg|druk|izd|wyd)'
        .'|erste\b|première\b|primera\b|prima\b|första\b|eerste\b)/iu';

    public function __construct(private Marc $marc)
    {
    }

    public function id(): string
    {
        return $this->marc->control('001');
    }

    public function reading(): Reading
    {
        $kind = $this->kind();
        [$date, $dated] = $this->date();
        $publication = $this->publication();
        $place = static fn (string $code): string => Marc::plain($publication[$code][0] ?? '');
        [$edition, $series] = [$this->marc->first('250', 'a'), $this->series()];
        $json = [
            'kind' => $kind,
            'title' => array_filter(
                ['main' => $this->title(), 'subtitle' => $this->subtitle()],
                static fn (string $part): bool => $part !== '',
            ),
            'contributors' => array_map(static fn (Contributor $one): array => $one->toArray(), $this->contributors($kind)),
            'containers' => [array_filter([
                'edition' => self::edition($edition),
                'publisher' => $kind === 'thesis' ? $this->thesis()['school'] : $this->publisher(),
                'place' => preg_match(self::NOWHERE, $place('a')) === 1 ? '' : trim($place('a'), '[] '),
                'date' => $date,
                'series' => $series[0],
                'seriesNumber' => $series[1],
                'volumes' => preg_match('/^(\d+)\s+(?:volumes|v\.|vols)/i', $this->marc->first('300', 'a'), $m) === 1
                        ? $m[1]
                        : '',
                'url' => $kind === 'ebook' || $kind === 'map' ? $this->marc->first('856', 'u') : '',
            ], static fn (string $value): bool => $value !== '')],
            'original' => array_filter(['date' => $this->original()], static fn (string $value): bool => $value !== ''),
            'genre' => match ($kind) {
                'thesis' => $this->thesis()['degree'],
                'other' => $this->isSerial() ? 'Periodical' : 'Musical score',
                default => '',
            },
            'language' => $this->language(),
            'isbn' => $this->isbn(),
            'medium' => $kind === 'film'
                    && preg_match(
                        '/\bDVD|videodisc/i',
                        $this->marc->first('300', 'a').$this->marc->first('338', 'a'),
                    ) === 1
                    ? 'DVD'
                    : '',
        ];
        $reading = Reading::of(Source::fromArray($json, Kinds::all()), self::WHERE);
        $findings = $reading->findings;
        if ($dated !== '') {
            $findings[ContainerField::Date->at()->key] = new Finding(
                ContainerField::Date->at(),
                $date,
                new Evidence($dated, $date),
                Confidence::Likely,
            );
        }

        $script = $this->marc->inScript('245', 'a');
        $title = FieldPath::title();
        if ($script !== '' && isset($findings[$title->key])) {
            $evidence = new Evidence('In the script of the title page, from the library catalogue.', $script);
            $findings[$title->key] = $findings[$title->key]->withAlternatives([
                new Finding($title, $script, $evidence, Confidence::Stated),
            ]);
        }

        return new Reading($kind, '', $findings, [], [], $reading->base);
    }

    /** What tells this edition from others: edition, publisher, year, form, and how long it is. */
    public function particulars(): string
    {
        $publication = $this->publication();

        return implode(' · ', array_filter([
            $this->marc->first('250', 'a'),
            Marc::plain($publication['b'][0] ?? ''),
            $this->date()[0],
            [
                'ebook' => 'E-book',
                'audiobook' => 'Audiobook',
                'film' => 'Film',
                'map' => 'Map',
                'album' => 'Recording',
            ][$this->kind()]
                ?? '',
            (string) preg_replace('/\s*[:;+].*$/', '', $this->marc->first('300', 'a')),
        ], static fn (string $part): bool => $part !== ''));
    }

    private function kind(): string
    {
        $type = $this->marc->leader[6] ?? 'a';
        $form = implode(
            ' ',
            [
                $this->marc->first('655', 'a'),
                $this->marc->first('338', 'a'),
                $this->marc->first('337', 'a'),
                $this->marc->first('300', 'a'),
            ],
        );

        return match (true) {
            $type === 'c' || $type === 'd' || $this->isSerial() => 'other',
            $type === 'g' => 'film',
            $type === 'e' || $type === 'f' => 'map',
            $type === 'j' => 'album',
            $type === 'i' => 'audiobook',
            preg_match('/graphic novel/i', $form) === 1 => 'graphic-novel',
            preg_match('/online resource|electronic book|e-?book/i', $form) === 1 => 'ebook',
            // What a publisher brought out later is a book, whatever it was written for.
            (preg_match('/thes[ie]s|dissertation/i', $form) === 1 || $this->marc->all('502') !== [])
                && $this->publisher() === '' => 'thesis',
            $this->leadsAreEditors() => 'edited-collection',
            default => 'book',
        };
    }

    private function leadsAreEditors(): bool
    {
        $people = $this->marc->all('100', '110', '700', '710');

        return $people !== []
            && $this->marc->all('100', '110') === []
            && (self::stated($people[0][2]) ?? $this->told($people[0][2])) === Role::Editor;
    }

    private function title(): string
    {
        $title = $this->marc->first('245', 'a');
        $parts = array_filter([$this->marc->first('245', 'n'), $this->marc->first('245', 'p')]);

        return $parts === [] ? $title : "{$title}. ".implode(': ', $parts);
    }

    private function subtitle(): string
    {
        // After an equals sign stands the same title in another language.
        $isParallel = str_ends_with(rtrim($this->marc->raw('245', 'a')), '=');
        $said = (string) preg_replace('/\s+=\s+.*$/u', '', $this->marc->first('245', 'b'));

        return $isParallel ? '' : $said;
    }

    private function isSerial(): bool
    {
        return ($this->marc->leader[7] ?? '') === 's';
    }

    /** An edition in the figures of any language; a first one is not said. */
    private static function edition(string $said): string
    {
        $pattern = '/^(\d+)\s?(?:\.|st|nd|rd|th|e|ème|ª|a|º)?,?\s*(?:aufl\w*|éd\w*|ed\w*|uppl\w*|utg\w*|udg\w*|druk)\.?$/iu';

        return match (true) {
            preg_match(self::FIRST, $said) === 1 => '',
            preg_match($pattern, $said, $m) === 1 => $m[1],
            default => $said,
        };
    }

    /** Who brought it out; '' where the catalogue says that nobody is known. */
    private function publisher(): string
    {
        $said = Marc::plain($this->publication()['b'][0] ?? '');
        $said = (string) preg_replace('/\s+:\s+(?:for sale|distributed|available)\b.*$/iu', '', $said);

        return preg_match(self::NOBODY, $said) === 1 ? '' : $said;
    }

    /** @return array{degree: string, school: string} what a thesis was written for, and where */
    private function thesis(): array
    {
        [$note, $degree, $school] = [
            $this->marc->first('502', 'a'), $this->marc->first('502', 'b'), $this->marc->first('502', 'c'),
        ];
        // "Thesis (Ph. D.)--Northmere University, 2014."
        if (preg_match('/^(?:thesis|dissertation|diss\.?)\s*\(([^)]+)\)\s*[-–—]+\s*([^,]+)/iu', $note, $m) === 1) {
            [$degree, $school] = [$degree ?: $m[1], $school ?: trim($m[2])];
        }
        $work = $degree === '' ? '' : (new Degree("{$degree} thesis"))->work();

        return ['degree' => $work === 'Doctoral dissertation' ? 'PhD dissertation' : $work, 'school' => $school];
    }

    /** @return list<Contributor> */
    private function contributors(string $kind): array
    {
        $people = [];
        foreach (['100', '110', '700', '710'] as $tag) {
            foreach ($this->marc->all($tag) as [$form, , $subfields]) {
                $name = Marc::plain($subfields['a'][0] ?? '');
                // A name with a title after it stands for another work inside this one.
                $isNamed = $name !== '' && ! isset($subfields['t']);
                $role = $isNamed ? $this->role(Kinds::all()->get($kind), $tag, $subfields) : null;
                if ($role !== null) {
                    $parsed = self::heading($name, $tag, $form, $subfields);
                    // Somebody may have a heading twice.
                    $people["{$role->value} {$parsed->key()}"] ??= new Contributor($role, $parsed);
                }
            }
        }

        return array_values($people);
    }

    /** @param  array<string, list<string>>  $subfields */
    private static function heading(string $name, string $tag, string $form, array $subfields): Name
    {
        return match (true) {
            $tag[1] === '1' => Name::group(trim($name.' '.Marc::plain(implode(' ', $subfields['b'] ?? [])))),
            $form === '0' => Name::person('', $name),
            default => Name::parse($name),
        };
    }

    /**
     * What somebody did, as the heading or the title page says, or as the kind lets one think; null for nobody who made
     * it.
     *
     * @param  array<string, list<string>>  $subfields
     */
    private function role(Kind $kind, string $tag, array $subfields): ?Role
    {
        $said = self::stated($subfields) ?? ($tag[0] === '7' ? $this->told($subfields) : null);

        return match (true) {
            // Of a score, which is no recording, the composer is the author.
            $said === Role::Composer && ! $kind->offers(Role::Composer) => Role::Author,
            $said !== null => $said,
            ! $this->isMaker($tag, $subfields) => null,
            default => $kind->roles[0],
        };
    }

    /**
     * Whether somebody whose deed is not said made the work: the main heading did; an added one did where the title
     * page names it. An institution added to persons only had a part in it.
     *
     * @param  array<string, list<string>>  $subfields
     */
    private function isMaker(string $tag, array $subfields): bool
    {
        $statement = $this->responsibility();

        return match (true) {
            $tag[0] === '1' => true,
            $tag === '710' => $this->marc->all(
                '100',
                '110',
                '700',
            ) === [] && (! $statement->isWhole() || $statement->names(Marc::plain($subfields['a'][0] ?? ''))),
            default => ! $statement->isWhole() || $statement->names(self::family($subfields)),
        };
    }

    private function responsibility(): Responsibility
    {
        return new Responsibility($this->marc->first('245', 'c'));
    }

    /** @param  array<string, list<string>>  $subfields */
    private static function family(array $subfields): string
    {
        return trim((string) preg_replace('/,.*$/u', '', Marc::plain($subfields['a'][0] ?? '')));
    }

    /**
     * What the heading says somebody did.
     *
     * @param  array<string, list<string>>  $subfields
     */
    private static function stated(array $subfields): ?Role
    {
        foreach ([...($subfields['4'] ?? []), ...($subfields['e'] ?? [])] as $term) {
            $known = self::roles()[mb_strtolower(trim((string) preg_replace('~^.*/~', '', $term), ' .,'))] ?? null;
            if ($known !== null) {
                return $known;
            }
        }

        return null;
    }

    /** @return array<string, Role> by relator code and term */
    private static function roles(): array
    {
        static $roles = null;

        return $roles ??= require dirname(__DIR__, 3).'/data/relators.php';
    }

    /**
     * What the title page says somebody did. Whoever directs a book edits it.
     *
     * @param  array<string, list<string>>  $subfields
     */
    private function told(array $subfields): ?Role
    {
        $role = $this->responsibility()->role(self::family($subfields));

        return $role === Role::Director && ($this->marc->leader[6] ?? 'a') !== 'g' ? Role::Editor : $role;
    }

    /** @return array<string, list<string>> the statement of publication, not of copyright or printing */
    private function publication(): array
    {
        foreach ($this->marc->all('264', '260') as [, $second, $subfields]) {
            if (in_array($second, ['1', ' ', ''], true)) {
                return $subfields;
            }
        }

        return [];
    }

    /**
     * The year, and where it is from if the record does not print it as that of publication. A book that has no other
     * date is dated by its copyright, in both styles.
     *
     * @return array{string, string}
     */
    private function date(): array
    {
        $said = $this->publication()['c'][0] ?? '';
        if (preg_match('/^[\[\s]*(\d{4})(?:\s*[-–]\s*(\d{4}))?(\?)?/u', $said, $m) === 1) {
            return [
                $m[1].(($m[2] ?? '') !== '' ? "-{$m[2]}" : ''),
                isset($m[3]) ? 'The catalogue is not sure of the year.' : '',
            ];
        }
        $copyright = $said;
        foreach ($this->marc->all('264') as [, $second, $subfields]) {
            $copyright = $second === '4' ? ($subfields['c'][0] ?? '') : $copyright;
        }
        if (preg_match('/(?:©|℗|\b[cp]|copyright)\s*(\d{4})/iu', $copyright, $m) === 1) {
            return [
                $m[1],

                'The catalogue gives only a copyright year. A book with no other date has that one; look at the back of the title page.',
            ];
        }
        // A span, or dates nobody knows, is no year.
        $coded = in_array($this->marc->control('008')[6] ?? '', ['q', 'n', 'u', 'b', '|'], true)
            ? ''
            : substr($this->marc->control('008'), 7, 4);

        return ctype_digit($coded)
            ? [$coded, 'From the coded part of the catalogue’s record; it prints no year.']
            : ['', ''];
    }

    private function original(): string
    {
        $coded = $this->marc->control('008');
        if (in_array($coded[6] ?? '', ['r', 'p'], true) && ctype_digit(substr($coded, 11, 4))) {
            return substr($coded, 11, 4);
        }

        return preg_match('/(\d{4})/', $this->marc->first('534', 'c'), $m) === 1 ? $m[1] : '';
    }

    /** @return array{string, string} name and number */
    private function series(): array
    {
        foreach ($this->marc->all('490', '830') as [, , $subfields]) {
            $number = (string) preg_replace(
                '/^(?:no\.|vol\.|v\.|number|;)\s*/i',
                '',
                Marc::plain($subfields['v'][0] ?? ''),
            );

            return [Marc::plain($subfields['a'][0] ?? ''), $number];
        }

        return ['', ''];
    }

    private function isbn(): string
    {
        foreach ($this->marc->all('020') as [, , $subfields]) {
            $isbn = Isbn::parse((string) preg_replace('/\s*\(.*$/', '', $subfields['a'][0] ?? ''));
            if ($isbn !== null) {
                return $isbn->thirteen();
            }
        }

        return '';
    }

    private function language(): string
    {
        $code = substr($this->marc->control('008'), 35, 3);

        $language = preg_match('/^[a-z]{3}$/', $code) === 1 ? (new LanguageCode($code))->code() : '';

        return strlen($language) === 2 && $language !== 'en' ? $language : '';
    }
}
