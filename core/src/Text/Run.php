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

    /** Its text with marks where a long address may go on in the next line. */
    public function breakable(): string
    {
        return $this->isAddress() ? (new AddressBreaks($this->text))->marked() : $this->text;
    }

    /** Where its text leads to in a browser; '' for what is no address. */
    public function target(): string
    {
        return match (true) {
            ! $this->isAddress() || ! str_contains($this->text, '.') => '',
            preg_match('~^https?://~i', $this->text) === 1 => $this->text,
            preg_match('~^(?:doi:\s*)?(10\.\d.*)$~is', $this->text, $m) === 1 => "https://doi.org/{$m[1]}",
            default => "https://{$this->text}",
        };
    }

    private function isAddress(): bool
    {
        return preg_match('/\.(?:url|doi)$/', (string) $this->field?->key) === 1;
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
