<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

/** The plain meta and link elements of a page's head, which sites and their tools name each in their own way. */
final class PlainMeta implements EvidenceReader
{
    private const WHERE = 'Stated in the page’s metadata.';

    /** What sites call the day of publication, after whatever prefix. */
    private const PUBLISHED = '/(?:^|[.:_-])(?:pub_?-?date|publish_?-?date|publication_?-?date|date_?-?published|date_?-?original|article_?first_?published|first_?-?published|date)$/';

    /** What sites call the author, after whatever prefix; not an account on another site. */
    private const AUTHOR = '/^(?!twitter:|article:author$|dc|citation).*(?<![\p{L}\p{N}])(?:authors?|by_?-?line|byl|author_?-?name)$/';

    public function read(Document $page): array
    {
        return [
            ...Make::text(ContainerField::Publisher->at(), $page->meta('publisher'), self::WHERE, Confidence::Stated),
            ...self::authors($page),
            ...self::published($page),
            ...Make::text(ContainerField::Title->at(), SiteTitle::parts($page->meta('application-name'))[0] ?? '', self::WHERE, Confidence::Likely),
            ...self::feed($page),
            ...Make::text(FieldPath::title(), $page->meta('title'), self::WHERE, Confidence::Likely),
            ...Make::byline(self::labelled($page, '/^(?:written )?by$|^author/i'), self::WHERE, Confidence::Likely),
            ...Make::text(FieldPath::language(), $page->language(), 'The language the page says it is in.', Confidence::Likely),
        ];
    }

    /**
     * The site's feed bears the site's name: "Northmere Notes » Feed".
     *
     * @return list<Finding>
     */
    private static function feed(Document $page): array
    {
        $title = $page->mentions('application/rss+xml') ? ($page->first('//link[@type="application/rss+xml" and @title]')?->getAttribute('title') ?? '') : '';

        return Make::text(ContainerField::Title->at(), preg_match('/^(.{2,60}?)\s+[»›>|–—-]+\s+(?:RSS )?(?:Feed|RSS)$/iu', $title, $m) === 1 ? $m[1] : '', 'The name of the site’s feed.', Confidence::Likely);
    }

    /** @return list<Finding> */
    private static function published(Document $page): array
    {
        foreach ($page->metaLike(self::PUBLISHED) as $date) {
            $found = Make::date($date, self::WHERE, Confidence::Likely, locale: $page->locale());
            if ($found !== []) {
                return $found;
            }
        }

        return [];
    }

    /**
     * The plain author elements, of which there may be several; some add what the person is after the name.
     *
     * @return list<Finding>
     */
    private static function authors(Document $page): array
    {
        $said = $page->metaAll('author') ?: array_slice(array_filter($page->metaLike(self::AUTHOR), static fn (string $one): bool => preg_match('~^https?://~i', $one) !== 1), 0, 1);
        // An account is a handle; some sites write the name there.
        $said = $said ?: array_filter([$page->meta('twitter:creator')], static fn (string $one): bool => preg_match('/^\p{Lu}\p{Ll}\S*(?: \p{Lu}\S*)+$/u', $one) === 1);
        // What built the page did not write it.
        $said = array_filter($said, static fn (string $one): bool => $one === '' || stripos($page->meta('generator'), $one) !== 0);
        $people = array_merge(...array_map(static fn (string $one): array => preg_match('/^([^,]+),(?:[^,]+,){1,}[^,]+$/u', $one, $m) === 1 && Bylines::namesJob($one) ? Bylines::contributors($m[1]) : Bylines::contributors($one), array_values($said)) ?: [[]]);

        return Make::people($people, self::WHERE, Confidence::Likely, implode('; ', $said));
    }

    /** The value of a label that a sharing preview shows: "Written by", "Est. reading time". */
    private static function labelled(Document $page, string $label): string
    {
        foreach ([1, 2] as $n) {
            if (preg_match($label, $page->meta("twitter:label{$n}")) === 1) {
                return $page->meta("twitter:data{$n}");
            }
        }

        return '';
    }
}
