<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Illuminate\Contracts\Cache\Repository;

/** Knows whether anybody works on the queue: workers say so as they go. */
final class Workers
{
    private const KEY = 'workers:seen';

    /** Seconds between two words of one worker, and after which nobody is taken to be there. */
    private const EVERY = 10;

    private const GONE = 90;

    private int $said = 0;

    public function __construct(private readonly Repository $cache)
    {
    }

    public function sayHere(): void
    {
        if (time() - $this->said >= self::EVERY) {
            $this->said = time();
            $this->cache->put(self::KEY, $this->said, self::GONE);
        }
    }

    public function areThere(): bool
    {
        return time() - (int) $this->cache->get(self::KEY, 0) < self::GONE;
    }
}
