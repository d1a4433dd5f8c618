<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

/** Something about how a whole paper is set that a teacher would mark. */
final readonly class LayoutIssue
{
    /**
     * @param  list<int>  $paragraphs  the places of those it is about, from 0; none where it is about the sheets
     * @param  string  $sentence  what is wrong and how it should be
     * @param  ?Mend  $mend  puts it right in the copy without touching a word; null where only the writer can
     */
    public function __construct(
        public string $id,
        public array $paragraphs,
        public string $sentence,
        public ?Mend $mend = null,
    ) {
    }

    /** @return array{id: string, paragraphs: list<int>, sentence: string, mendable: bool} */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'paragraphs' => $this->paragraphs,
            'sentence' => $this->sentence,
            'mendable' => $this->mend !== null,
        ];
    }
}
