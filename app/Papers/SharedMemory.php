<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\Core\Page\Memory;
use Illuminate\Contracts\Cache\Repository as CacheRepository;

/** Composed entries, remembered in the cache store that `bibrel.memory` names, by all servers that share it. */
final readonly class SharedMemory implements Memory
{
    /** @param  string  $release  what another release remembered may be composed by other rules */
    public function __construct(private CacheRepository $cache, private string $release, private int $minutes)
    {
    }

    public function recall(array $keys): array
    {
        if ($keys === []) {
            return [];
        }
        $stored = array_map($this->stored(...), $keys);
        $found = [...$this->cache->getMultiple($stored)];
        $known = [];
        foreach ($keys as $i => $key) {
            if (($found[$stored[$i]] ?? null) !== null) {
                $known[$key] = $found[$stored[$i]];
            }
        }

        return $known;
    }

    public function keep(array $values): void
    {
        $stored = [];
        foreach ($values as $key => $value) {
            $stored[$this->stored($key)] = $value;
        }
        $this->cache->setMultiple($stored, $this->minutes * 60);
    }

    private function stored(string $key): string
    {
        return "page|{$this->release}|{$key}";
    }
}
