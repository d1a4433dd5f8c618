<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

use Bibrel\Core\Draft\Citation\Checked;
use Bibrel\Core\Draft\Citation\CitationIssue;
use Bibrel\Core\Draft\Layout\LayoutIssue;
use Bibrel\Core\Source\Source;

/** What a draft held against its page came to. */
final readonly class DraftReport
{
    /**
     * @param  list<Checked>  $citations  in the order of the draft
     * @param  list<string>  $uncited  ids of sources on the page that are never cited
     * @param  list<LayoutIssue>  $layout
     */
    public function __construct(
        public array $citations,
        public array $uncited,
        public array $layout,
        public ?SourceList $list,
    ) {
    }

    /**
     * Those of some sources that are cited, in their order.
     *
     * @param  list<Source>  $sources
     * @return list<Source>
     */
    public function cited(array $sources): array
    {
        $uncited = array_fill_keys($this->uncited, true);

        return array_values(array_filter($sources, static fn (Source $one): bool => ! isset($uncited[$one->id])));
    }

    /**
     * @return array{
     *     citations: list<array{text: string, paragraph: int, sources: list<string>, issues: list<string>,
     *         sentences: list<string>, right: string}>,
     *     uncited: list<string>,
     *     layout: list<array{id: string, paragraphs: list<int>, sentence: string}>
     * }
     */
    public function toArray(): array
    {
        return [
            'citations' => array_map(static fn (Checked $one): array => [
                'text' => $one->found->text,
                'paragraph' => $one->found->in->place,
                'sources' => $one->sources,
                'issues' => array_map(static fn (CitationIssue $issue): string => $issue->id, $one->issues),
                'sentences' => array_map(static fn (CitationIssue $issue): string => $issue->sentence, $one->issues),
                'right' => html_entity_decode(strip_tags($one->right)),
            ], $this->citations),
            'uncited' => $this->uncited,
            'layout' => array_map(static fn (LayoutIssue $one): array => $one->toArray(), $this->layout),
        ];
    }
}
