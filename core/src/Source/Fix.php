<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** A safe way to settle an issue with one press: what goes into its field. */
final readonly class Fix
{
    /**
     * @param  string  $label  what a press on the button does, in a few words
     * @param  string|list<Contributor>  $value
     */
    public function __construct(public string $label, public string|array $value)
    {
    }

    /** @param  array<string, mixed>  $json  as toArray gives it */
    public static function fromArray(array $json): self
    {
        $value = $json['value'] ?? '';

        return new self(
            Text::of($json, 'label'),
            is_array($value) ? Source::contributorsFrom($value) : (string) $value,
        );
    }

    /** @return array{label: string, value: string|list<array<string, mixed>>} */
    public function toArray(): array
    {
        return ['label' => $this->label, 'value' => is_string($this->value)
            ? $this->value
            : array_map(static fn (Contributor $one): array => $one->toArray(), $this->value)];
    }
}
