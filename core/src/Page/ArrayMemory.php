<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

/** Remembers as long as this object lives. */
final class ArrayMemory implements Memory
{
    /** @var array<string, mixed> */
    private array $values = [];

    public function recall(array $keys): array
    {
        $found = [];
        foreach ($keys as $key) {
            if (isset($this->values[$key])) {
                $found[$key] = $this->values[$key];
            }
        }

        return $found;
    }

    public function keep(array $values): void
    {
        $this->values = $values + $this->values;
    }
}
