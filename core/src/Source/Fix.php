<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** A safe way to settle an issue with one press: what goes into its field. */
final readonly class Fix
{
    /**
     * @param  string  $label  what a press on the button does, in a few words
     * @param  string|list<Contributor>  $value
     * @param  ?FieldPath  $field  where it goes, if not into the field the issue stands at
     * @param  ?AccessMethod  $reached  how the source was reached, where that is settled by it too
     */
    public function __construct(
        public string $label,
        public string|array $value,
        public ?FieldPath $field = null,
        public ?AccessMethod $reached = null,
    ) {
    }

    /** @param  array<string, mixed>  $json  as toArray gives it */
    public static function fromArray(array $json): self
    {
        $value = $json['value'] ?? '';

        return new self(
            Text::of($json, 'label'),
            is_array($value) ? Source::contributorsFrom($value) : (string) $value,
            FieldPath::tryParse(Text::of($json, 'field')),
            AccessMethod::tryFrom(Text::of($json, 'reached')),
        );
    }

    /** @return array{label: string, value: string|list<array<string, mixed>>, field?: string, reached?: string} */
    public function toArray(): array
    {
        $value = is_string($this->value)
            ? $this->value
            : array_map(static fn (Contributor $one): array => $one->toArray(), $this->value);

        return [
            'label' => $this->label, 'value' => $value,
        ] + ($this->field === null ? [] : ['field' => $this->field->key])
            + ($this->reached === null ? [] : ['reached' => $this->reached->value]);
    }
}
