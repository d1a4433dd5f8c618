<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\Core\Format\Inline;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageChanges;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\Figure;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Run;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A composed page: its entries in runs, and what the style keeps off it.
 *
 * @property-read Page|PageChanges $resource
 */
final class PageResource extends JsonResource
{
    /**
     * @param  string  $cited  the id of the source whose in-text forms are wanted
     * @param  Figure  $figure  what its caption says, where it is a picture
     * @param  CitationContext  $mention  where in the source, and whose words it passes on
     */
    public function __construct(
        Page|PageChanges $page,
        private readonly Style $style,
        private readonly string $cited = '',
        private readonly CitationContext $mention = new CitationContext,
        private readonly Figure $figure = new Figure,
    ) {
        parent::__construct($page);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'heading' => $this->resource->heading,
            'headingIsBold' => $this->resource->headingIsBold,
            'annotationIndent' => $this->resource->annotationIndent,
            'entries' => array_map(
                fn (PageEntry|array $one): array => $one instanceof PageEntry ? $this->entry($one) : $one,
                $this->resource->entries,
            ),
            'leftOut' => array_map($this->leftOut(...), $this->resource->leftOut),
        ];
    }

    /** @return array<string, mixed> */
    private function entry(PageEntry $entry): array
    {
        $runs = array_map(
            static fn (Run $run): array => [
                $run->breakable(), $run->italic ? 1 : 0, $run->field?->key, $run->rule,
            ],
            $entry->runs,
        );
        $shown = [
            'id' => $entry->id, 'mark' => $entry->mark, 'runs' => $runs, 'annotation' => $entry->annotation(),
        ];

        return $entry->id === $this->cited
            ? [...$shown, 'citation' => $this->cite($entry, false), 'narrative' => $this->cite($entry, true)]
                + $this->caption($entry->source())
            : $shown;
    }

    /** @return array{caption?: list<array{string, int, string}>} text in pieces, how they look, their rules */
    private function caption(Source $source): array
    {
        return ! $source->kind->isImage ? [] : ['caption' => array_map(
            static fn (Run $run): array => [$run->text, ($run->italic ? 1 : 0) | ($run->bold ? 2 : 0), $run->rule],
            $this->style->caption($source, $this->figure),
        )];
    }

    /** @return array{id: string, sentence: string} */
    private function leftOut(PageEntry $entry): array
    {
        if ($entry->source()->isBare()) {
            return [
                'id' => $entry->id,
                'sentence' => 'Unfinished, so not on the page yet: it wants a title or an author.',
            ];
        }
        if ($entry->source()->leftOut) {
            return ['id' => $entry->id, 'sentence' => 'You left it out of the page.'];
        }
        $form = Inline::text($this->style->citation($entry->source(), new CitationContext, $entry->context));
        $sentence = "Not on the page: {$this->style->label()} cites such a source in the text only, as {$form}.";

        return ['id' => $entry->id, 'sentence' => $sentence];
    }

    /** @return list<array{string, int}> text in pieces, italic or not */
    private function cite(PageEntry $entry, bool $narrative): array
    {
        $said = $this->mention;
        $mention = new CitationContext($said->locator, $narrative, $said->quoted, $said->quotedYear, $said->first);

        return array_values(array_map(
            static fn (Run $run): array => [$run->text, $run->italic ? 1 : 0],
            $this->style->citation($entry->source(), $mention, $entry->context),
        ));
    }
}
