<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/** A student's own paper as it was given: its paragraphs in order, its notes, and how its sheets are set. */
final readonly class Draft
{
    /**
     * @param  list<Paragraph>  $paragraphs  the one at place n is the nth
     * @param  list<Paragraph>  $notes  and what stands in tables and boxes, apart from the run of the text
     * @param  ?SheetLook  $sheet  null for plain text
     * @param  bool  $endsWithBreak  whether a new sheet begins after its last word already
     */
    public function __construct(
        public array $paragraphs,
        public array $notes = [],
        public ?SheetLook $sheet = null,
        public bool $endsWithBreak = false,
    ) {
    }

    /** @return list<Paragraph> all of it in the order it is read in: a note after the paragraph it hangs on */
    public function inOrder(): array
    {
        $notes = [];
        foreach ($this->notes as $note) {
            $notes[$note->place][] = $note;
        }
        $all = [];
        foreach ($this->paragraphs as $one) {
            array_push($all, $one, ...$notes[$one->place] ?? []);
        }

        return $all;
    }

    /** @return list<Paragraph> the same without a list of sources at the end */
    public function prose(?SourceList $list): array
    {
        return array_values(array_filter(
            $this->inOrder(),
            static fn (Paragraph $one): bool => $list === null || ! $list->holds($one->place),
        ));
    }
}
