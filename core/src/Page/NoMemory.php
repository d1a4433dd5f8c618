<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

/** Remembers nothing. */
final class NoMemory implements Memory
{
    public function recall(array $keys): array
    {
        return [];
    }

    public function keep(array $values): void
    {
    }
}
