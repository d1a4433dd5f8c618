<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateOf;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Role;

/** What a page's structured data says of the thing the page is about: JSON-LD, microdata or RDFa Lite. */
final class StructuredData implements EvidenceReader
{
    private const WHERE = 'Stated in the page’s structured data.';

    /** Kinds that are dated by when they were made, not by when somebody put them up. */
    private const MADE = ['artwork', 'photograph', 'map'];

    private const ROLES = [
        'director' => Role::Director, 'writer' => Role::Writer, 'actor' => Role::Performer, 'editor' => Role::Editor, 'translator' => Role::Translator, 'illustrator' => Role::Illustrator,
        'composer' => Role::Composer, 'byArtist' => Role::Performer, 'host' => Role::Host, 'readBy' => Role::Narrator,
    ];

    /** Whose deeds matter for which kinds; elsewhere a name in that property is no contributor of the source. */
    private const ROLES_OF = [
        'film' => ['director', 'writer', 'actor'], 'tv-episode' => ['director'], 'tv-series' => [], 'podcast-episode' => ['host'], 'book' => ['editor', 'translator', 'illustrator'],
        'song' => ['byArtist'], 'album' => ['byArtist'], 'chapter' => ['translator'], 'audiobook' => ['readBy'],
    ];

    public function read(Document $page): array
    {
        $findings = [];
        foreach ($page->schemas() as $schema) {
            foreach ($schema->objects as $object) {
                if (Schema::isType($object, ['WebSite'])) {
                    // Some sites give every page's name here.
                    $parts = SiteTitle::parts($schema->name($object));
                    $findings = [...$findings, ...Make::text(ContainerField::Title->at(), (string) end($parts), self::WHERE, Confidence::Stated)];
                }
            }
            $about = $schema->about();
            if ($about !== []) {
                $findings = [...$findings, ...self::of($about, $schema)];
            }
        }

        return $findings;
    }

    /**
     * @param  array<string, mixed>  $about
     * @return list<Finding>
     */
    private static function of(array $about, Schema $schema): array
    {
        $stated = Confidence::Stated;
        $kind = Schema::kind($about);
        $text = static fn (string $property): string => Schema::text($about[$property] ?? '');
        $one = static fn (FieldPath $field, string $value): array => Make::text($field, $value, self::WHERE, $stated);

        return [
            ...($kind === '' ? [] : $one(FieldPath::kind(), $kind)),
            ...$one(FieldPath::title(), $text('headline')),
            ...$one(FieldPath::title(), $text('name')),
            ...self::people($about, $schema, $kind),
            ...self::dates($about, $schema, $kind),
            ...self::container($about, $schema),
            ...Make::publisher($schema->name($about['publisher'] ?? $about['productionCompany'] ?? $about['sourceOrganization'] ?? ''), self::WHERE, $stated),
            ...$one(ContainerField::Version->at(), in_array($kind, ['data-set', 'software', 'app'], true) ? ($text('version') ?: $text('softwareVersion')) : ''),
            ...$one(ContainerField::Edition->at(), $text('bookEdition')),
            ...$one(ContainerField::Number->at(), $text('reportNumber')),
            ...$one(ContainerField::Episode->at(), $text('episodeNumber')),
            ...$one(FieldPath::medium(), in_array($kind, self::MADE, true) ? $text('artMedium') : ''),
            ...$one(FieldPath::isbn(), $text('isbn')),
            ...self::doi($about),
            ...$one(FieldPath::language(), self::language($text('inLanguage'))),
        ];
    }

    /**
     * @param  array<string, mixed>  $about
     * @return list<Finding>
     */
    private static function people(array $about, Schema $schema, string $kind): array
    {
        if ($kind === 'web-page' && Schema::isType($about, ['Product'])) {
            return [];
        }
        $leads = match ($kind) {
            'artwork' => Role::Artist,
            'photograph' => Role::Photographer,
            'podcast-episode', 'podcast-series' => Role::Host,
            // Whose name a film's data gives first wrote it; its entry begins with the title.
            'film', 'tv-episode', 'tv-series' => Role::Writer,
            default => Role::Author,
        };
        $people = array_map(
            static fn (Contributor $one): Contributor => $kind === 'forum-post' || $kind === 'social-post' ? new Contributor($leads, Make::online($one->name)) : $one,
            $schema->people($about['author'] ?? $about['creator'] ?? $about['artist'] ?? [], $leads),
        );
        foreach (self::ROLES_OF[$kind] ?? [] as $property) {
            $people = [...$people, ...$schema->people($about[$property] ?? [], self::ROLES[$property])];
        }
        usort($people, static fn (Contributor $a, Contributor $b): int => (int) ($b->role === Role::Director) <=> (int) ($a->role === Role::Director));

        return Make::people($people, self::WHERE, Confidence::Stated, $schema->name($about['author'] ?? $about['creator'] ?? $about['artist'] ?? ''));
    }

    /**
     * @param  array<string, mixed>  $about
     * @return list<Finding>
     */
    private static function dates(array $about, Schema $schema, string $kind): array
    {
        // An article without a date of its own has that of the page it fills.
        $page = isset($about['datePublished']) || ! in_array($kind, ['online-article', 'blog-post'], true) ? [] : $schema->ofType('WebPage');
        $about = [...array_intersect_key($page, ['datePublished' => '', 'dateModified' => '']), ...$about];
        $at = static fn (string $property): string => Schema::text($about[$property] ?? '');
        $made = in_array($kind, self::MADE, true);
        $posted = $at('datePublished') ?: $at('uploadDate');
        if ($kind === 'exhibition' && $at('startDate') !== '') {
            return Make::date(implode('/', array_unique(array_filter([substr($at('startDate'), 0, 10), substr($at('endDate'), 0, 10)]))), 'How long it is open, by the page’s structured data.', Confidence::Stated);
        }

        return [
            ...Make::date($made ? $at('dateCreated') : '', 'When it was made, by the page’s structured data.', Confidence::Stated),
            ...Make::date($posted, $made ? 'When it was put up, by the page’s structured data.' : self::WHERE, $made ? Confidence::Likely : Confidence::Stated),
            ...Make::date($posted === '' && ! $made ? $at('dateCreated') : '', self::WHERE, Confidence::Stated),
            ...Make::date($at('dateModified'), 'When the page was last changed, by its own data. That is not when it was published.', Confidence::Guess, of: DateOf::Change),
        ];
    }

    /**
     * The larger whole: a series, a term's dictionary, a book, or a journal with its issue and volume around the article.
     *
     * @param  array<string, mixed>  $about
     * @return list<Finding>
     */
    private static function container(array $about, Schema $schema): array
    {
        $findings = [];
        $one = static fn (FieldPath $field, string $value): array => Make::text($field, $value, self::WHERE, Confidence::Stated);
        foreach (['partOfSeries', 'inDefinedTermSet', 'inAlbum'] as $property) {
            $findings = [...$findings, ...$one(ContainerField::Title->at(), $schema->name($about[$property] ?? ''))];
        }
        $season = $schema->object($about['partOfSeason'] ?? []);
        $findings = [...$findings, ...$one(ContainerField::Season->at(), Schema::text($season['seasonNumber'] ?? $season['position'] ?? ''))];
        $part = $schema->object($about['isPartOf'] ?? []);
        for ($depth = 0; $part !== [] && $depth < 4; $depth++) {
            $findings = [
                ...$findings,
                ...$one(ContainerField::Issue->at(), Schema::text($part['issueNumber'] ?? '')),
                ...$one(ContainerField::Volume->at(), Schema::text($part['volumeNumber'] ?? '')),
                ...(Schema::isType($part, ['WebSite', 'Blog', 'Periodical', 'Newspaper', 'Book', 'PodcastSeries', 'TVSeries']) ? $one(ContainerField::Title->at(), $schema->name($part)) : []),
            ];
            $part = $schema->object($part['isPartOf'] ?? []);
        }
        $first = Schema::text($about['pageStart'] ?? '');
        $last = Schema::text($about['pageEnd'] ?? '');

        return [...$findings, ...$one(ContainerField::Pages->at(), $first !== '' && $last !== '' ? "{$first}-{$last}" : ($first ?: Schema::text($about['pagination'] ?? '')))];
    }

    /**
     * @param  array<string, mixed>  $about
     * @return list<Finding>
     */
    private static function doi(array $about): array
    {
        foreach (['identifier', 'sameAs', '@id', 'url'] as $property) {
            foreach ((array) ($about[$property] ?? []) as $value) {
                $value = is_array($value) ? ($value['value'] ?? '') : $value;
                if (is_string($value) && preg_match('~(?:^|doi\.org/|doi:\s?)(10\.\d{4,9}/\S+)$~i', $value, $m) === 1) {
                    return Make::text(ContainerField::Doi->at(), $m[1], self::WHERE, Confidence::Stated);
                }
            }
        }

        return [];
    }

    /** "fr-FR" as "fr"; English is what is assumed anyway. */
    private static function language(string $code): string
    {
        $short = strtolower(substr($code, 0, 2));

        return $short === 'en' || preg_match('/^[a-z]{2}([-_]|$)/i', $code) !== 1 ? '' : $short;
    }
}
