<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\Markup;

/** A page's objects in the schema.org vocabulary, however they were marked, and which of them the page is about. */
final readonly class Schema
{
    /** What an object of a type is, best first: the more particular a type, the earlier it stands. '' where it tells nothing. */
    public const KINDS = [
        'ScholarlyArticle' => 'journal-article', 'MedicalScholarlyArticle' => 'journal-article', 'SocialMediaPosting' => 'social-post', 'DiscussionForumPosting' => 'forum-post', 'Question' => 'forum-post',
        'LiveBlogPosting' => 'online-article', 'BlogPosting' => 'blog-post',
        'NewsArticle' => 'online-article', 'ReportageNewsArticle' => 'online-article', 'OpinionNewsArticle' => 'online-article', 'AnalysisNewsArticle' => 'online-article', 'BackgroundNewsArticle' => 'online-article', 'ReviewNewsArticle' => 'online-article',
        'PodcastEpisode' => 'podcast-episode', 'RadioEpisode' => 'radio-episode', 'TVEpisode' => 'tv-episode', 'Movie' => 'film', 'TVSeries' => 'tv-series', 'PodcastSeries' => 'podcast-series',
        'VisualArtwork' => 'artwork', 'Painting' => 'artwork', 'Sculpture' => 'artwork', 'Drawing' => 'artwork', 'Photograph' => 'photograph', 'Map' => 'map',
        'PresentationDigitalDocument' => 'slides', 'ExhibitionEvent' => 'exhibition', 'ArchiveComponent' => 'archive-item', 'Manuscript' => 'archive-item', 'Legislation' => 'statute', 'Play' => 'play', 'ComicIssue' => 'graphic-novel', 'Audiobook' => 'audiobook', 'Poster' => 'poster',
        'Dataset' => 'data-set', 'Thesis' => 'thesis', 'Report' => 'report', 'Chapter' => 'chapter', 'Book' => 'book', 'MobileApplication' => 'app', 'SoftwareApplication' => 'software', 'VideoGame' => 'video-game',
        'MusicRecording' => 'song', 'MusicAlbum' => 'album', 'DefinedTerm' => 'online-reference',
        'TechArticle' => 'online-article', 'Article' => 'online-article', 'AdvertiserContentArticle' => 'online-article', 'Recipe' => 'web-page', 'HowTo' => 'web-page',
        'VideoObject' => 'online-video', 'ImageObject' => 'photograph', 'Product' => 'web-page', 'CriticReview' => 'review', 'Review' => 'review',
        'MedicalWebPage' => '', 'AboutPage' => '', 'ItemPage' => '', 'ProfilePage' => '', 'CreativeWork' => '', 'WebPage' => '',
    ];

    private const GROUPS = ['Organization', 'NewsMediaOrganization', 'EducationalOrganization', 'CollegeOrUniversity', 'GovernmentOrganization', 'ResearchOrganization', 'NGO', 'Corporation', 'Museum', 'Library', 'PerformingGroup'];

    /** What sites type as persons and are none, whoever types them: "The Ropewright", "Web Team", an agency by its letters. */
    private const NO_PERSON = '/^(?:\p{Lu}{2,6}$|[Tt]he\s)|\b(?i:team|staff|newsroom|editors|editorial)\b/u';

    /** @var array<string, array<string, mixed>> */
    private array $byId;

    /** @param  list<array<string, mixed>>  $objects */
    public function __construct(public array $objects)
    {
        $byId = [];
        foreach ($objects as $object) {
            if (is_string($object['@id'] ?? null)) {
                $byId[$object['@id']] = [...($byId[$object['@id']] ?? []), ...$object];
            }
        }
        $this->byId = $byId;
    }

    /** @return array<string, mixed> the object the page is about, [] where there is none */
    public function about(): array
    {
        $ranks = array_flip(array_keys(self::KINDS));
        $hasPage = false;
        foreach ($this->objects as $object) {
            $hasPage = $hasPage || self::isType($object, ['WebPage', 'ItemPage', 'CollectionPage', 'Article', 'NewsArticle', 'BlogPosting']);
        }
        [$best, $bestRank] = [[], PHP_INT_MAX];
        foreach ($this->objects as $object) {
            foreach (self::types($object) as $type) {
                $rank = $ranks[$type] ?? PHP_INT_MAX;
                // A picture next to a page's own object only illustrates it.
                if ($rank < $bestRank && ! ($hasPage && $type === 'ImageObject')) {
                    [$best, $bestRank] = [$object, $rank];
                }
            }
        }

        return $best;
    }

    /** @return array<string, mixed> the first object of a type, [] where there is none */
    public function ofType(string $type): array
    {
        foreach ($this->objects as $object) {
            if (self::isType($object, [$type])) {
                return $object;
            }
        }

        return [];
    }

    /** @param  array<string, mixed>  $about */
    public static function kind(array $about): string
    {
        $types = self::types($about);
        foreach (self::KINDS as $type => $kind) {
            if ($kind !== '' && in_array($type, $types, true)) {
                return $kind;
            }
        }

        return '';
    }

    /**
     * @param  array<mixed>  $object
     * @return list<string>
     */
    public static function types(array $object): array
    {
        return array_values(array_filter((array) ($object['@type'] ?? []), is_string(...)));
    }

    /**
     * @param  array<mixed>  $object
     * @param  list<string>  $types
     */
    public static function isType(array $object, array $types): bool
    {
        return array_intersect(self::types($object), $types) !== [];
    }

    /** @return array<mixed> the object a property points to; [] where it is none */
    public function object(mixed $value): array
    {
        if (is_array($value) && array_is_list($value)) {
            $value = $value[0] ?? [];
        }
        if (! is_array($value)) {
            return [];
        }

        return isset($value['name']) || ! is_string($value['@id'] ?? null) ? $value : ($this->byId[$value['@id']] ?? $value);
    }

    /** What somebody or something is called: a name, or the name of the object that stands there. */
    public function name(mixed $value): string
    {
        $object = $this->object($value);

        return self::text($object === [] ? $value : ($object['name'] ?? $object['legalName'] ?? ''));
    }

    /**
     * @return list<Contributor>
     */
    public function people(mixed $value, Role $role = Role::Author): array
    {
        $found = match (true) {
            is_string($value) => Bylines::contributors(self::text($value)),
            ! is_array($value) => [],
            array_is_list($value) => array_merge(...array_map(fn (mixed $one): array => $this->people($one), $value) ?: [[]]),
            default => $this->person($this->object($value)),
        };

        return array_values(array_map(static fn (Contributor $one): Contributor => new Contributor($role, $one->name), array_filter($found)));
    }

    /**
     * @param  array<mixed>  $object
     * @return list<?Contributor>
     */
    private function person(array $object): array
    {
        $isGroup = self::isType($object, self::GROUPS);
        $family = self::text($object['familyName'] ?? '');
        if ($family !== '' && ! $isGroup) {
            return [Bylines::contributor($family.', '.self::text($object['givenName'] ?? ''), false)];
        }
        $given = $object['name'] ?? '';
        // Some pages put all their authors into one object, each with a name.
        if (! $isGroup && is_array($given) && array_is_list($given) && count($given) > 1) {
            return array_map(static fn (mixed $one): ?Contributor => Bylines::contributor(self::text($one)), $given);
        }
        $name = self::text($given);

        return match (true) {
            $isGroup => [Bylines::contributor($name, true)],
            preg_match('/,| and | & |\(/', $name) === 1 => Bylines::contributors($name),
            // Alone on a stage somebody is a group of music too.
            self::isType($object, ['MusicGroup']) => [Bylines::contributor($name, ! NameShape::isPersonal(Name::parse($name)))],
            self::isType($object, ['Person']) => [Bylines::contributor($name, preg_match(self::NO_PERSON, $name) === 1)],
            default => [Bylines::contributor($name)],
        };
    }

    public static function text(mixed $value): string
    {
        if (is_array($value)) {
            $value = $value[0] ?? $value['@value'] ?? $value['name'] ?? '';
        }

        return is_scalar($value) ? html_entity_decode(strip_tags((new Markup((string) $value))->plain()), ENT_QUOTES | ENT_HTML5) : '';
    }
}
