<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;

/** The citation_* meta elements that scholarly sites carry. */
final class CitationMeta implements Clues
{
    private const WHERE = 'From the page’s citation metadata.';

    public function in(Document $page): array
    {
        $first = $page->meta('citation_firstpage');
        $last = $page->meta('citation_lastpage');
        $stated = Confidence::Stated;

        return [
            ...Make::text('title.main', $page->meta('citation_title'), self::WHERE, $stated),
            ...Make::people(array_map(static fn (string $name) => Bylines::contributor($name), $page->metaAll('citation_author')), self::WHERE, $stated, implode('; ', $page->metaAll('citation_author'))),
            ...Make::date($page->meta('citation_publication_date', 'citation_date', 'citation_online_date'), self::WHERE, $stated),
            ...Make::text('containers.0.title', $page->meta('citation_journal_title'), self::WHERE, $stated),
            ...Make::text('containers.0.publisher', $page->meta('citation_publisher'), self::WHERE, $stated),
            ...Make::text('containers.0.volume', $page->meta('citation_volume'), self::WHERE, $stated),
            ...Make::text('containers.0.issue', $page->meta('citation_issue'), self::WHERE, $stated),
            ...Make::text('containers.0.pages', $first !== '' && $last !== '' ? "{$first}-{$last}" : $first, self::WHERE, $stated),
            ...Make::text('containers.0.doi', $page->meta('citation_doi'), self::WHERE, $stated),
        ];
    }
}
