<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** Why a run looks as it does: which element it is, one plain sentence, and where the style's handbook treats it. */
final readonly class Rule
{
    public function __construct(
        public string $id,
        public string $element,
        public string $sentence,
        public string $place,
    ) {
    }

    /** @return array{id: string, element: string, sentence: string, place: string} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'element' => $this->element, 'sentence' => $this->sentence, 'place' => $this->place];
    }
}
