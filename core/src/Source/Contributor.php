<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

final readonly class Contributor
{
    public function __construct(public Role $role, public Name $name)
    {
    }

    /**
     * @param  array<string, mixed>  $json  {role, name}; an unknown role reads as author
     */
    public static function fromArray(array $json): self
    {
        $role = is_string($json['role'] ?? null) ? Role::tryFrom($json['role']) : null;
        $name = $json['name'] ?? [];

        return new self($role ?? Role::Author, match (true) {
            is_array($name) => Name::fromArray($name),
            is_string($name) => Name::parse($name),
            default => Name::group(''),
        });
    }

    /** @return array{role: string, name: array<string, string|bool>} */
    public function toArray(): array
    {
        return ['role' => $this->role->value, 'name' => $this->name->toArray()];
    }
}
