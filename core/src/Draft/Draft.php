<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/** A student's own paper as it was given: its paragraphs in order, its notes, and how its sheets are set. */
final readonly class Draft
{
    /**
     * @param  list<Paragraph>  $paragraphs  the one at place n is the nth
     * @param  list<Paragraph>  $notes
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

    /** @return list<Paragraph> text and notes without the list of sources at the end */
    public function prose(?SourceList $list): array
    {
        $prose = array_filter(
            $this->paragraphs,
            static fn (Paragraph $one): bool => $list === null || ! $list->holds($one->place),
        );
        $notes = [];
        foreach ($this->notes as $note) {
            $notes[$note->place][] = $note;
        }
        $all = [];
        foreach ($prose as $one) {
            array_push($all, $one, ...$notes[$one->place] ?? []);
        }

        return $all;
    }
}
