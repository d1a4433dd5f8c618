<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

/**
 * Where entries that were composed are remembered, so that only what changed is composed again. Whoever hands one in
 * decides how long it lasts: for one page, or for all requests of a server. Losing all of it costs time and nothing
 * else.
 */
interface Memory
{
    /**
     * @param  list<string>  $keys
     * @return array<string, mixed> what is remembered of them, by key
     */
    public function recall(array $keys): array;

    /** @param  array<string, mixed>  $values  by key; objects of this room and of Text */
    public function keep(array $values): void;
}
