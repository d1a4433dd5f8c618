<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\Core\Page\Memory;

/** Composed entries in the memory that PHP's workers on one machine share. */
final readonly class ApcuMemory implements Memory
{
    /** @param  string  $release  what another release remembered may be composed by other rules */
    public function __construct(private string $release, private int $minutes)
    {
    }

    public function recall(array $keys): array
    {
        $found = $keys === [] ? [] : apcu_fetch(array_map($this->stored(...), $keys));
        $known = [];
        foreach (is_array($found) ? $found : [] as $stored => $value) {
            $known[substr((string) $stored, strlen($this->stored('')))] = $value;
        }

        return $known;
    }

    public function keep(array $values): void
    {
        apcu_store(
            array_combine(array_map($this->stored(...), array_keys($values)), $values),
            null,
            $this->minutes * 60,
        );
    }

    private function stored(string $key): string
    {
        return "bibrel|{$this->release}|{$key}";
    }
}
