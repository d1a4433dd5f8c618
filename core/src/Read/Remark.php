<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

/** Something about a field that wants a human look, with a value that could go in where there is one. */
final readonly class Remark
{
    public function __construct(public string $id, public string $field, public string $sentence, public string $value = '')
    {
    }

    /** @param  array<string, string>  $json  as toArray gives it */
    public static function fromArray(array $json): self
    {
        return new self($json['id'] ?? '', $json['field'] ?? '', $json['sentence'] ?? '', $json['value'] ?? '');
    }

    /** @return array{id: string, field: string, sentence: string, value: string} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'field' => $this->field, 'sentence' => $this->sentence, 'value' => $this->value];
    }
}
