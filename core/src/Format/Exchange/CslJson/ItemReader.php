<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\CslJson;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Original;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;
use Bibrel\Core\Source\Title;

/**
 * Reads a CSL-JSON item. What it has no place for here is kept under `custom.csl`, never dropped; what our own shape
 * holds beyond it comes back from `custom.bibrel`.
 */
final class ItemReader
{
    /** How many names of one list are kept. */
    public const MOST_NAMES = 400;

    /** Under this key of `custom` it is kept how many names a list had that was cut. */
    public const CUT = 'names-cut';

    /** CSL-JSON's name variables that say what somebody did for the source itself. */
    private const ROLES = [
        'author' => Role::Author, 'editor' => Role::Editor, 'translator' => Role::Translator,
        'compiler' => Role::Compiler, 'composer' => Role::Composer, 'illustrator' => Role::Illustrator,
        'script-writer' => Role::Writer, 'director' => Role::Director, 'producer' => Role::Producer,
        'executive-producer' => Role::ExecutiveProducer, 'host' => Role::Host, 'narrator' => Role::Narrator,
        'performer' => Role::Performer, 'interviewer' => Role::Interviewer, 'recipient' => Role::Recipient,
        'reviewed-author' => Role::ReviewedAuthor, 'curator' => Role::Curator, 'series-creator' => Role::Creator,
    ];

    /** Those that belong to what holds the source. */
    private const CONTAINER_ROLES = [
        'container-author' => Role::Author, 'editorial-director' => Role::Editor, 'collection-editor' => Role::Editor,
    ];

    /** Variables read into a field of the source or its first container. */
    private const READ = [
        'id', 'type', 'title', 'title-short', 'container-title', 'source', 'publisher', 'publisher-place',
        'event-place', 'event-title', 'event', 'edition', 'version', 'volume', 'number-of-volumes', 'issue',
        'number', 'collection-title', 'collection-number', 'page', 'section', 'archive', 'archive_location',
        'archive-place', 'issued', 'accessed', 'original-date', 'original-title', 'original-publisher', 'status',
        'medium', 'genre', 'language', 'ISBN', 'DOI', 'URL', 'annote', 'custom', 'season', 'reviewed-title',
        'reviewed-genre',
    ];

    /** Registries' own names for types, by the CSL-JSON ones. */
    private const ALIASES = [
        'journal-article' => 'article-journal', 'proceedings-article' => 'paper-conference',
        'book-chapter' => 'chapter', 'book-section' => 'chapter', 'book-part' => 'chapter',
        'reference-entry' => 'entry-encyclopedia', 'monograph' => 'book', 'edited-book' => 'book',
        'reference-book' => 'book', 'posted-content' => 'article', 'dissertation' => 'thesis',
        'report-component' => 'report', 'newspaper-article' => 'article-newspaper',
        'magazine-article' => 'article-magazine', 'web_page' => 'webpage', 'video' => 'motion_picture',
        'database' => 'dataset',
    ];

    /** Variables some registries send as lists of one. */
    private const LISTED = [
        'title', 'subtitle', 'container-title', 'ISBN', 'ISSN', 'title-short', 'container-title-short',
        'original-title', 'short-title',
    ];

    /** @var array<string, mixed> */
    private array $item;

    private readonly Kind $kind;

    /** @param  array<string, mixed>  $item */
    public function __construct(array $item)
    {
        $this->item = self::plain($item);
        $this->kind = (new ItemKind($this->item))->kind();
    }

    public function source(): Source
    {
        $this->placeAuthority();
        $custom = $this->custom();
        $genre = $this->kind->describesSubject() ? $this->text('reviewed-genre') : $this->beyondKind('genre');
        $source = new Source(
            id: $this->text('id'),
            kind: $this->kind,
            title: new Title($this->text('title'), short: $this->text('title-short')),
            contributors: $this->contributors(self::ROLES, $this->kind->isInEditedWork() ? ['editor'] : []),
            containers: $this->containers(),
            original: new Original(
                $this->text('original-title'),
                $this->date('original-date'),
                $this->text('original-publisher'),
            ),
            accessed: $this->date('accessed'),
            medium: $this->beyondKind('medium'),
            genre: $genre,
            subject: $this->text('reviewed-title'),
            language: $this->text('language'),
            isbn: $this->text('ISBN'),
            annotation: is_string($this->item['annote'] ?? null) ? trim($this->item['annote']) : '',
            custom: array_diff_key($custom, ['bibrel' => true]),
        );

        // What our own shape held beyond CSL-JSON was put aside by the writer; it wins over what was read above.
        return is_array($custom['bibrel'] ?? null)
            ? Source::fromArray(
                [...$source->toArray(), 'custom' => $source->custom, ...$custom['bibrel']],
                Kinds::all(),
            )
            : $source;
    }

    private function text(string $variable): string
    {
        return Text::of($this->item, $variable);
    }

    private function date(string $variable): string
    {
        return (new ItemDate($this->item[$variable] ?? null))->text();
    }

    /**
     * Who issued a law or decided a case stands in the author's place; of anything else the authority brought it out.
     */
    private function placeAuthority(): void
    {
        $authority = $this->text('authority');
        if ($authority === '' || $this->kind->containment !== Containment::Law || isset($this->item['author'])) {
            return;
        }
        $this->item['author'] = [['literal' => $authority]];
        unset($this->item['authority']);
    }

    /**
     * @return array<string, mixed> what came along under `custom`, how many names were cut, and what is unknown here
     */
    private function custom(): array
    {
        $known = [...self::READ, ...array_keys(self::ROLES), ...array_keys(self::CONTAINER_ROLES)];
        $unknown = array_diff_key($this->item, array_flip($known));
        $counted = array_map(
            static fn (mixed $names): int => is_array($names) && count($names) > self::MOST_NAMES ? count($names) : 0,
            array_intersect_key($this->item, self::ROLES + self::CONTAINER_ROLES),
        );
        $cut = array_filter($counted);

        return [
            ...(is_array($this->item['custom'] ?? null) ? $this->item['custom'] : []),
            ...($cut === [] ? [] : [self::CUT => $cut]),
            ...($unknown === [] ? [] : ['csl' => $unknown]),
        ];
    }

    /**
     * Lists of one opened, a subtitle joined to its title, and registries' names for types turned into the format's
     * own.
     *
     * @param  array<string, mixed>  $item
     * @return array<string, mixed>
     */
    private static function plain(array $item): array
    {
        foreach (self::LISTED as $variable) {
            if (is_array($item[$variable] ?? null)) {
                $item[$variable] = Text::of(array_filter($item[$variable], is_scalar(...)), '0');
            }
        }
        $subtitle = Text::of($item, 'subtitle');
        if ($subtitle !== '' && ! str_contains(mb_strtolower(Text::of($item, 'title')), mb_strtolower($subtitle))) {
            $item['title'] = rtrim(Text::of($item, 'title'), ' :').': '.$subtitle;
        }
        unset($item['subtitle']);
        if (isset(self::ALIASES[Text::of($item, 'type')])) {
            $item['type'] = self::ALIASES[Text::of($item, 'type')];
        }

        return $item;
    }

    /** A genre or medium, unless the kind says it already. */
    private function beyondKind(string $variable): string
    {
        $word = $this->text($variable);

        return in_array(mb_strtolower($word), $this->kind->genres, true) ? '' : $word;
    }

    /**
     * @param  array<string, Role>  $roles
     * @param  list<string>  $without
     * @return list<Contributor>
     */
    private function contributors(array $roles, array $without = []): array
    {
        $contributors = [];
        foreach (array_diff_key($roles, array_flip($without)) as $variable => $role) {
            $names = is_array($this->item[$variable] ?? null) ? $this->item[$variable] : [];
            foreach (array_filter(self::within($names), is_array(...)) as $name) {
                $contributors[] = new Contributor($role, self::name($name));
            }
        }

        return $contributors;
    }

    /**
     * The first of very many names and the last one, which is all that any style prints of them (APA 9.8: nineteen and
     * the last; MLA 5.7: the first).
     *
     * @param  array<mixed>  $names
     * @return array<mixed>
     */
    private static function within(array $names): array
    {
        return count($names) <= self::MOST_NAMES
            ? $names
            : [...array_slice($names, 0, self::MOST_NAMES - 1), end($names)];
    }

    /** @param  array<string, mixed>  $name */
    private static function name(array $name): Name
    {
        $literal = Text::of($name, 'literal');
        if ($literal !== '') {
            return str_starts_with($literal, '@') ? Name::screen($literal) : Name::group($literal);
        }

        return Name::person(
            Text::of($name, 'given'),
            Text::of($name, 'family'),
            Text::of($name, 'non-dropping-particle'),
            Text::of($name, 'dropping-particle'),
            Text::of($name, 'suffix'),
            (bool) ($name['static-ordering'] ?? false),
        );
    }

    /** @return non-empty-list<Container> */
    private function containers(): array
    {
        $database = $this->text('source');
        $url = $this->text('URL');
        $first = Container::fromArray(array_merge(
            array_map($this->text(...), [
                'section' => 'section', 'edition' => 'edition', 'version' => 'version',
                'volumes' => 'number-of-volumes',
                'issue' => 'issue', 'series' => 'collection-title', 'seriesNumber' => 'collection-number',
                'status' => 'status', 'pages' => 'page', 'doi' => 'DOI',
            ]),
            $this->numbers(),
            [
                // An event names what holds a talk.
                'title' => $this->text('container-title') ?: $this->text('event-title') ?: $this->text('event'),
                'publisher' => $this->text('publisher') ?: ($this->kind->containment === Containment::Law ? '' : $this->text('authority')),
                'place' => $this->text('publisher-place') ?: $this->text('event-place'),
                'date' => $this->date('issued'),
                'collection' => implode(
                    ', ',
                    array_filter(array_map($this->text(...), ['archive_location', 'archive', 'archive-place'])),
                ),
                'url' => $database === '' ? $url : '',
            ],
        ), [
            ...$this->contributors(self::CONTAINER_ROLES),
            ...($this->kind->isInEditedWork() ? $this->contributors(['editor' => Role::Editor]) : []),
        ]);

        return $database === '' ? [$first] : [$first, new Container(title: $database, url: $url)];
    }

    /** @return array<string, string> an episode's number and season, an article's in a journal, anything else's */
    private function numbers(): array
    {
        [$volume, $season, $number] = [$this->text('volume'), $this->text('season'), $this->text('number')];

        return match (true) {
            $this->kind->hasEpisodes() => ['season' => $season ?: $volume, 'episode' => $number],
            $this->kind->hasArticleNumber() => ['volume' => $volume, 'season' => $season, 'articleNumber' => $number],
            default => ['volume' => $volume, 'season' => $season, 'number' => $number],
        };
    }
}
