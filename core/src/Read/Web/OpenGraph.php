<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;

/** Open Graph and the plain author and date meta elements. */
final class OpenGraph implements Clues
{
    private const WHERE = 'Stated in the page’s metadata.';

    public function in(Document $page): array
    {
        $authors = array_filter($page->metaAll('article:author'), static fn (string $author): bool => preg_match('~^https?://~i', $author) !== 1);

        return [
            ...Make::text('title.main', $page->meta('og:title'), self::WHERE, Confidence::Stated),
            ...Make::text('containers.0.title', $page->meta('og:site_name'), self::WHERE, Confidence::Stated),
            ...Make::people(array_merge(...array_map(Bylines::contributors(...), array_values($authors))), self::WHERE, Confidence::Stated, implode('; ', $authors)),
            ...Make::date($page->meta('article:published_time', 'og:published_time'), self::WHERE, Confidence::Stated),
            ...Make::date($page->meta('article:modified_time', 'og:updated_time'), 'When the page was last changed, by its metadata. That is not when it was published.', Confidence::Guess),
            ...self::authors($page),
            ...Make::date($page->meta('date', 'pubdate', 'publish-date', 'datepublished'), self::WHERE, Confidence::Likely),
            ...Make::text('containers.0.title', $page->meta('application-name'), self::WHERE, Confidence::Likely),
            ...Make::text('title.main', $page->meta('title'), self::WHERE, Confidence::Likely),
            ...Make::byline(self::labelled($page, '/^(?:written )?by$|^author/i'), self::WHERE, Confidence::Likely),
            ...Make::text('language', $page->language(), 'The language the page says it is in.', Confidence::Likely),
        ];
    }

    /**
     * The plain author elements, of which there may be several; some add what the person is behind the name.
     *
     * @return list<Finding>
     */
    private static function authors(Document $page): array
    {
        $said = $page->metaAll('author') ?: array_filter([$page->meta('article:author_name', 'byl')]);
        $people = array_merge(...array_map(static fn (string $one): array => preg_match('/^([^,]+),(?:[^,]+,){1,}[^,]+$/u', $one, $m) === 1 && preg_match(Bylines::JOB, $one) === 1 ? Bylines::contributors($m[1]) : Bylines::contributors($one), array_values($said)) ?: [[]]);

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
