<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** Somebody who did something for a source. */
final readonly class Contributor
{
    /**
     * @param  string  $id tells this member of the list from the others while two people change it; '' where it has
     *         none
     */
    public function __construct(public Role $role, public Name $name, public string $id = '')
    {
    }

    /**
     * @param  array<string, mixed>  $json  {id?, role, name}; an unknown role reads as author
     */
    public static function fromArray(array $json): self
    {
        $role = is_string($json['role'] ?? null) ? Role::tryFrom($json['role']) : null;
        $name = $json['name'] ?? [];

        return new self($role ?? Role::Author, match (true) {
            is_array($name) => Name::fromArray($name),
            is_string($name) => Name::parse($name),
            default => Name::group(''),
        }, mb_substr(Text::of($json, 'id'), 0, 40));
    }

    /** With the name as an entry has it. */
    public function printed(): self
    {
        $name = $this->name->printed();

        return $name === $this->name ? $this : new self($this->role, $name, $this->id);
    }

    /** @return array{id?: string, role: string, name: array<string, string|bool>} */
    public function toArray(): array
    {
        $said = ['role' => $this->role->value, 'name' => $this->name->toArray()];

        return $this->id === '' ? $said : ['id' => $this->id] + $said;
    }
}
