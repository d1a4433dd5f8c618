<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

/** An open point: something on a source that wants a human look, with a mend where one is safe. */
final readonly class Point
{
    /**
     * @param  string  $field  a path into the source
     * @param  string  $value  a value that could go in, or ''
     * @param  string  $mend  what a press on the button would do, or '' where only a person can tell
     * @param  mixed  $to  what the mend puts into the field: text, or a list of contributors
     * @param  bool  $soft  said beside the field only: the entry is in order as it stands
     * @param  string  $without  what the style does without the field, where it is the field that is open
     */
    public function __construct(
        public string $id,
        public string $field,
        public string $sentence,
        public string $value = '',
        public string $mend = '',
        public mixed $to = null,
        public bool $soft = false,
        public string $without = '',
    ) {
    }

    /** @return array{id: string, field: string, sentence: string, value: string, mend: string, to: mixed, soft: bool, without: string} */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'field' => $this->field,
            'sentence' => $this->sentence,
            'value' => $this->value,
            'mend' => $this->mend,
            'to' => $this->to,
            'soft' => $this->soft,
            'without' => $this->without,
        ];
    }
}
