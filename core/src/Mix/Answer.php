<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

/** One thing that is asked for, and how a paper stands to it. */
final readonly class Answer
{
    /**
     * @param  string  $id  of what is asked: "at-least", "kind:book"
     * @param  string  $sentence  "6 of at least 8 sources"
     * @param  list<string>  $sources  ids of those it is about
     * @param  string  $hint  what may help, '' where nothing is to be said
     */
    public function __construct(
        public string $id,
        public string $sentence,
        public bool $isMet,
        public array $sources = [],
        public string $hint = '',
    ) {
    }

    public function hinting(string $hint): self
    {
        return new self($this->id, $this->sentence, $this->isMet, $this->sources, $hint);
    }

    /** @return array{id: string, sentence: string, isMet: bool, sources: list<string>, hint: string} */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'sentence' => $this->sentence, 'isMet' => $this->isMet, 'sources' => $this->sources,
            'hint' => $this->hint,
        ];
    }
}
