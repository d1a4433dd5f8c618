<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Text;

/** Dublin Core in meta elements, as "dc.title" or "dcterms.issued". */
final class DublinCore implements EvidenceReader
{
    private const WHERE = 'From the page’s library metadata (Dublin Core).';

    public function read(Document $page): array
    {
        $stated = Confidence::Stated;
        $creators = $page->metaAll('dc.creator') ?: $page->metaAll('dcterms.creator');
        $inventors = self::withScheme($page, 'dc.contributor', 'inventor');

        $type = implode(' ', [...$page->metaAll('dc.type'), ...$page->metaAll('dcterms.type')]);
        $kind = match (true) {
            preg_match('/thes[ie]s|dissertation/i', $type) === 1 => 'thesis',
            preg_match('/\bdata ?set\b/i', $type) === 1 => 'data-set',
            preg_match('/\breport\b/i', $type) === 1 => 'report',
            preg_match('/\bpatent\b/i', $type) === 1 => 'patent',
            preg_match('/\bmap\b|cartographic/i', $type) === 1 => 'map',
            preg_match('/\barticle\b/i', $type) === 1 => 'online-article',
            default => '',
        };

        return [
            ...Make::text(FieldPath::kind(), $kind, self::WHERE, $stated),
            ...Make::text(FieldPath::title(), $page->meta('dc.title', 'dcterms.title'), self::WHERE, $stated),
            ...Make::people(array_merge(...array_map(self::people(...), $creators) ?: [[]]), self::WHERE, $stated, implode('; ', $creators)),
            ...Make::people(array_map(static fn (string $name): Contributor => new Contributor(Role::Inventor, Name::parse($name)), $inventors), self::WHERE, $stated, implode('; ', $inventors)),
            ...Make::date(self::withScheme($page, 'dc.date', 'issue')[0] ?? '', self::WHERE, $stated),
            ...Make::date($page->meta('dcterms.issued', 'dc.date.issued', 'dc.date', 'dcterms.date', 'dcterms.created'), self::WHERE, $stated),
            ...Make::publisher($page->meta('dc.publisher', 'dcterms.publisher', 'dc.publisher.corporatename'), self::WHERE, $stated),
            ...Make::text(ContainerField::Doi->at(), self::withScheme($page, 'dc.identifier', 'doi')[0] ?? $page->meta('dc.identifier.doi'), self::WHERE, $stated),
            ...Make::text(FieldPath::language(), $page->meta('dc.language', 'dcterms.language'), self::WHERE, $stated),
        ];
    }

    /** @return list<string> what elements of a name say of which the scheme tells more, as "inventor" of a contributor */
    private static function withScheme(Document $page, string $name, string $scheme): array
    {
        $found = [];
        foreach ($page->matches('~\bscheme\s*=\s*["\']?'.$scheme.'\b~i') ? $page->all('//meta[@scheme]') : [] as $meta) {
            if (strcasecmp($meta->getAttribute('name'), $name) === 0 && strcasecmp($meta->getAttribute('scheme'), $scheme) === 0) {
                $found[] = Text::line($meta->getAttribute('content'));
            }
        }

        return $found;
    }

    /** @return list<?Contributor> one for each element, unless a site writes two whole names into one */
    private static function people(string $creator): array
    {
        return preg_match('/^\p{Lu}\S* [^,]+ and \p{Lu}\S* [^,]+$/u', $creator) === 1 ? Bylines::contributors($creator) : [Bylines::contributor($creator)];
    }
}
