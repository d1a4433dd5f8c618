<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

/** The eprints.* meta elements of repositories in which universities keep what their people published elsewhere. */
final class EprintMeta implements EvidenceReader
{
    private const WHERE = 'From the repository’s own metadata.';

    private const KINDS = ['article' => 'journal-article', 'book' => 'book', 'book_section' => 'chapter', 'conference_item' => 'conference-paper', 'thesis' => 'thesis', 'monograph' => 'report', 'patent' => 'patent', 'dataset' => 'data-set', 'artefact' => 'artwork'];

    public function read(Document $page): array
    {
        $type = $page->meta('eprints.type');
        if ($type === '') {
            return [];
        }
        $text = static fn (FieldPath $field, string $value): array => Make::text($field, $value, self::WHERE, Confidence::Stated);
        $authors = $page->metaAll('eprints.creators_name');
        $within = $page->meta('eprints.publication', 'eprints.book_title', 'eprints.event_title');

        return [
            ...$text(FieldPath::kind(), self::KINDS[$type] ?? ''),
            ...$text(FieldPath::title(), $page->meta('eprints.title')),
            ...Make::people(array_map(Bylines::contributor(...), $authors), self::WHERE, Confidence::Stated, implode('; ', $authors)),
            ...Make::date($page->meta('eprints.date'), self::WHERE, Confidence::Stated),
            ...$text(ContainerField::Title->at(), $within),
            ...$text(ContainerField::Publisher->at(), $page->meta('eprints.publisher', 'eprints.institution')),
            ...$text(ContainerField::Volume->at(), $page->meta('eprints.volume')),
            ...$text(ContainerField::Issue->at(), $type === 'article' ? $page->meta('eprints.number') : ''),
            ...$text(ContainerField::Pages->at(), $page->meta('eprints.pagerange')),
            ...$text(ContainerField::Doi->at(), preg_match('~10\.\d{4,9}/\S+~', $page->meta('eprints.id_number', 'eprints.doi'), $m) === 1 ? $m[0] : ''),
        ];
    }
}
