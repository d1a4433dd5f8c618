<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Contributor;

/** schema.org data in JSON-LD. */
final class StructuredData implements Clues
{
    private const WHERE = 'Stated in the page’s own data (schema.org).';

    private const ABOUT = ['Article', 'NewsArticle', 'ReportageNewsArticle', 'OpinionNewsArticle', 'BlogPosting', 'ScholarlyArticle', 'TechArticle', 'Report', 'WebPage', 'AboutPage', 'ItemPage', 'CreativeWork', 'VideoObject', 'Book', 'PodcastEpisode', 'ImageObject', 'Photograph', 'Dataset', 'Recipe', 'FAQPage'];

    public function in(Document $page): array
    {
        $objects = $page->structured();
        $about = self::about($objects);
        $byId = [];
        foreach ($objects as $object) {
            if (is_string($object['@id'] ?? null)) {
                $byId[$object['@id']] = [...($byId[$object['@id']] ?? []), ...$object];
            }
        }
        $stated = Confidence::Stated;
        $findings = [];
        foreach ($objects as $object) {
            if (self::isType($object, ['WebSite'])) {
                $findings = [...$findings, ...Make::text('containers.0.title', self::name($object, $byId), self::WHERE, $stated)];
            }
        }
        if ($about === null) {
            return $findings;
        }
        $part = is_array($about['isPartOf'] ?? null) ? $about['isPartOf'] : [];
        $publisher = self::name($about['publisher'] ?? '', $byId);

        return [
            ...$findings,
            ...Make::text('title.main', self::string($about['headline'] ?? $about['name'] ?? ''), self::WHERE, $stated),
            ...Make::people(self::people($about['author'] ?? $about['creator'] ?? [], $byId), self::WHERE, $stated, self::string(self::name($about['author'] ?? '', $byId))),
            ...Make::date(self::string($about['datePublished'] ?? $about['uploadDate'] ?? ''), self::WHERE, $stated),
            ...Make::date(self::string($about['dateModified'] ?? ''), 'When the page was last changed, by its own data. That is not when it was published.', Confidence::Guess),
            ...(self::isType($part, ['WebSite', 'Blog', 'Periodical', 'Newspaper']) ? Make::text('containers.0.title', self::name($part, $byId), self::WHERE, $stated) : []),
            ...Make::text('containers.0.publisher', $publisher, self::WHERE, $stated),
            ...Make::text('language', self::string($about['inLanguage'] ?? ''), self::WHERE, $stated),
        ];
    }

    /** What kind of source the data says the page is; '' where it does not. */
    public static function kind(Document $page): string
    {
        $about = self::about($page->structured()) ?? [];

        return match (true) {
            self::isType($about, ['BlogPosting']) => 'blog-post',
            self::isType($about, ['Article', 'NewsArticle', 'ReportageNewsArticle', 'OpinionNewsArticle', 'TechArticle']) => 'online-article',
            self::isType($about, ['VideoObject']) => 'online-video',
            default => '',
        };
    }

    /**
     * @param  list<array<string, mixed>>  $objects
     * @return ?array<string, mixed> the object the page is about: the most particular one
     */
    private static function about(array $objects): ?array
    {
        $best = null;
        $bestRank = PHP_INT_MAX;
        foreach ($objects as $object) {
            foreach ((array) ($object['@type'] ?? []) as $type) {
                $rank = array_search($type, self::ABOUT, true);
                $rank = $rank === false ? PHP_INT_MAX : (in_array($type, ['WebPage', 'AboutPage', 'ItemPage', 'CreativeWork'], true) ? 100 + $rank : $rank);
                if ($rank < $bestRank) {
                    [$best, $bestRank] = [$object, $rank];
                }
            }
        }

        return $best;
    }

    /**
     * @param  array<mixed>  $object
     * @param  list<string>  $types
     */
    private static function isType(array $object, array $types): bool
    {
        return array_intersect((array) ($object['@type'] ?? []), $types) !== [];
    }

    /**
     * @param  array<string, array<mixed>>  $byId
     * @return list<?Contributor>
     */
    private static function people(mixed $value, array $byId): array
    {
        if (is_string($value)) {
            return Bylines::contributors($value);
        }
        if (! is_array($value)) {
            return [];
        }
        if (array_is_list($value)) {
            return array_merge(...array_map(static fn (mixed $one): array => self::people($one, $byId), $value) ?: [[]]);
        }
        $object = self::resolved($value, $byId);
        $isGroup = self::isType($object, ['Organization', 'NewsMediaOrganization', 'EducationalOrganization', 'GovernmentOrganization', 'NGO', 'Corporation']);
        $family = self::string($object['familyName'] ?? '');
        if ($family !== '' && ! $isGroup) {
            return [Bylines::contributor($family.', '.self::string($object['givenName'] ?? ''), false)];
        }
        $name = self::name($object, $byId);

        return match (true) {
            $isGroup => [Bylines::contributor($name, true)],
            preg_match('/,| and | & /', $name) === 1 => Bylines::contributors($name),
            self::isType($object, ['Person']) => [Bylines::contributor($name, false)],
            default => [Bylines::contributor($name)],
        };
    }

    /** @param  array<string, array<mixed>>  $byId */
    private static function name(mixed $value, array $byId): string
    {
        if (is_array($value) && array_is_list($value)) {
            $value = $value[0] ?? '';
        }
        if (is_array($value)) {
            $value = self::resolved($value, $byId)['name'] ?? '';
        }

        return self::string($value);
    }

    /**
     * @param  array<mixed>  $object
     * @param  array<string, array<mixed>>  $byId
     * @return array<mixed>
     */
    private static function resolved(array $object, array $byId): array
    {
        return isset($object['name']) || ! is_string($object['@id'] ?? null) ? $object : ($byId[$object['@id']] ?? $object);
    }

    private static function string(mixed $value): string
    {
        if (is_array($value)) {
            $value = $value[0] ?? $value['@value'] ?? '';
        }

        return is_scalar($value) ? html_entity_decode(strip_tags((string) $value), ENT_QUOTES | ENT_HTML5) : '';
    }
}
