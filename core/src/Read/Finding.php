<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;

/** A value found for a field, with its evidence. The value of "contributors" is a list of them. */
final readonly class Finding
{
    /**
     * @param  string|list<Contributor>  $value
     * @param  list<self>  $alternatives  what else was found, and not chosen
     * @param  DateOf  $dateOf  of what a date is the date, while it is not settled which one dates the source
     */
    public function __construct(
        public FieldPath $field,
        public string|array $value,
        public Evidence $evidence,
        public Confidence $confidence,
        public array $alternatives = [],
        public DateOf $dateOf = DateOf::Publication,
    ) {
    }

    /** @param  list<self>  $alternatives */
    public function withAlternatives(array $alternatives): self
    {
        return new self($this->field, $this->value, $this->evidence, $this->confidence, $alternatives);
    }

    public function withConfidence(Confidence $confidence): self
    {
        return new self($this->field, $this->value, $this->evidence, $confidence, $this->alternatives);
    }

    /** The value of a field of text; '' where it is people. */
    public function text(): string
    {
        return is_string($this->value) ? $this->value : '';
    }

    /** @return list<Contributor> the value of the field of contributors; none where it is text */
    public function people(): array
    {
        return is_string($this->value) ? [] : $this->value;
    }

    /** The value as one string, for comparing: letter case, spaces and punctuation folded. */
    public function folded(): string
    {
        $text = is_string($this->value)
            ? $this->value
            : implode('|', array_map(static fn (Contributor $one): string => $one->name->direct(), $this->value));

        return (string) preg_replace('/[^\p{L}\p{N}|]+/u', '', mb_strtolower($text));
    }

    /** @param  array<string, mixed>  $json  as toArray gives it */
    public static function fromArray(array $json): self
    {
        $value = $json['value'] ?? '';
        $alternatives = is_array($json['alternatives'] ?? null) ? $json['alternatives'] : [];

        return new self(
            FieldPath::parse(Text::of($json, 'field')),
            is_array($value) ? Source::contributorsFrom($value) : (string) $value,
            Evidence::fromArray(is_array($json['evidence'] ?? null) ? $json['evidence'] : []),
            Confidence::from(Text::of($json, 'confidence')),
            array_values(array_map(self::fromArray(...), $alternatives)),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'field' => $this->field->key,
            'value' => is_string($this->value) ? $this->value : array_map(
                static fn (Contributor $one): array => $one->toArray(),
                $this->value,
            ),
            'evidence' => $this->evidence->toArray(),
            'confidence' => $this->confidence->value,
            'alternatives' => array_map(static fn (self $one): array => $one->toArray(), $this->alternatives),
        ];
    }
}
