<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Contributor;

/** Dublin Core in meta elements, as "dc.title" or "dcterms.issued". */
final class DublinCore implements Clues
{
    private const WHERE = 'From the page’s library metadata (Dublin Core).';

    public function in(Document $page): array
    {
        $stated = Confidence::Stated;
        $creators = $page->metaAll('dc.creator') ?: $page->metaAll('dcterms.creator');

        $type = implode(' ', [...$page->metaAll('dc.type'), ...$page->metaAll('dcterms.type')]);
        $kind = match (true) {
            preg_match('/thes[ie]s|dissertation/i', $type) === 1 => 'thesis',
            preg_match('/\bdata ?set\b/i', $type) === 1 => 'data-set',
            preg_match('/\breport\b/i', $type) === 1 => 'report',
            preg_match('/\bmap\b|cartographic/i', $type) === 1 => 'map',
            preg_match('/\barticle\b/i', $type) === 1 => 'online-article',
            default => '',
        };

        return [
            ...Make::text('kind', $kind, self::WHERE, $stated),
            ...Make::text('title.main', $page->meta('dc.title', 'dcterms.title'), self::WHERE, $stated),
            ...Make::people(array_merge(...array_map(self::people(...), $creators) ?: [[]]), self::WHERE, $stated, implode('; ', $creators)),
            ...Make::date($page->meta('dcterms.issued', 'dc.date.issued', 'dc.date', 'dcterms.date', 'dcterms.created'), self::WHERE, $stated),
            ...Make::text('containers.0.publisher', $page->meta('dc.publisher', 'dcterms.publisher', 'dc.publisher.corporatename'), self::WHERE, $stated),
            ...Make::text('language', $page->meta('dc.language', 'dcterms.language'), self::WHERE, $stated),
        ];
    }

    /** @return list<?Contributor> one for each element, unless a site writes two whole names into one */
    private static function people(string $creator): array
    {
        return preg_match('/^\p{Lu}\S* [^,]+ and \p{Lu}\S* [^,]+$/u', $creator) === 1 ? Bylines::contributors($creator) : [Bylines::contributor($creator)];
    }
}
