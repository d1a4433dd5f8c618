<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

use Bibrel\Core\Source\FieldPath;

/**
 * A stretch of an entry that looks one way and has one reason.
 *
 * `field` is the place in the source the words came from, null where the
 * style put them there; `rule` is the id of the rule that shaped them.
 */
final readonly class Run
{
    public function __construct(
        public string $text,
        public string $rule,
        public ?FieldPath $field = null,
        public bool $italic = false,
        public bool $bold = false,
    ) {
    }

    public function withText(string $text): self
    {
        return new self($text, $this->rule, $this->field, $this->italic, $this->bold);
    }

    /** Whether it is an address or a DOI as the entry prints it. */
    public function isAddress(): bool
    {
        return $this->field !== null && (str_ends_with($this->field->key, '.url') || str_ends_with($this->field->key, '.doi'));
    }

    public function alike(self $other): bool
    {
        return $this->rule === $other->rule && $this->field === $other->field
            && $this->italic === $other->italic && $this->bold === $other->bold;
    }

    /** @return array{string, string, ?string, bool, bool} */
    public function __serialize(): array
    {
        return [$this->text, $this->rule, $this->field?->key, $this->italic, $this->bold];
    }

    /** @param  array{string, string, ?string, bool, bool}  $said */
    public function __unserialize(array $said): void
    {
        [$this->text, $this->rule, $field, $this->italic, $this->bold] = $said;
        $this->field = $field === null ? null : FieldPath::parse($field);
    }

    /** @return array{text: string, italic: bool, field: ?string, rule: string} */
    public function toArray(): array
    {
        return ['text' => $this->text, 'italic' => $this->italic, 'field' => $this->field?->key, 'rule' => $this->rule];
    }
}
