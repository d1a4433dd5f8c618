<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

/** The prism.* meta elements some publishers carry next to Dublin Core (PRISM Basic Metadata). */
final class Prism implements EvidenceReader
{
    private const WHERE = 'From the page’s publishing metadata (PRISM).';

    public function read(Document $page): array
    {
        $text = static fn (FieldPath $field, string ...$names): array => Make::text($field, $page->meta(...$names), self::WHERE, Confidence::Stated);
        $first = $page->meta('prism.startingpage');
        $last = $page->meta('prism.endingpage');
        $doi = preg_match('~(10\.\d{4,9}/\S+)~', $page->meta('prism.doi', 'dc.identifier'), $m) === 1 ? $m[1] : '';

        return [
            ...Make::text(FieldPath::kind(), $page->meta('prism.publicationname') !== '' && $page->meta('prism.volume', 'prism.number') !== '' ? 'journal-article' : '', self::WHERE, Confidence::Stated),
            ...$text(ContainerField::Title->at(), 'prism.publicationname'),
            ...$text(ContainerField::Volume->at(), 'prism.volume'),
            ...$text(ContainerField::Issue->at(), 'prism.number', 'prism.issueidentifier'),
            ...Make::text(ContainerField::Pages->at(), $first !== '' && $last !== '' && $first !== $last ? "{$first}-{$last}" : $first, self::WHERE, Confidence::Stated),
            ...Make::text(ContainerField::Doi->at(), $doi, self::WHERE, Confidence::Stated),
            ...Make::date(CitationMeta::dashed($page->meta('prism.publicationdate', 'prism.coverdate')), self::WHERE, Confidence::Stated),
            ...$text(FieldPath::isbn(), 'prism.isbn'),
        ];
    }
}
