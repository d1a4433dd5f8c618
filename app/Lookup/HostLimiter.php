<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Contracts\Cache\Repository;

/** At most a few look-ups at once ask one host, over all of this application's processes. */
final readonly class HostLimiter
{
    /** Seconds after which a turn is free again whose holder went away. */
    private const HELD = 30;

    public function __construct(private Repository $cache, private int $atOnce)
    {
    }

    /**
     * @param  int  $seconds  how long a turn is waited for
     *
     * @throws LookupFailed when no turn came up in time
     */
    public function take(string $host, int $seconds): Lock
    {
        $turns = array_map(fn (int $turn): Lock => $this->turn($host, $turn), range(1, $this->atOnce));
        foreach ($turns as $turn) {
            if ($turn->get()) {
                return $turn;
            }
        }
        $turn = $turns[array_rand($turns)];
        try {
            $turn->block($seconds);

            return $turn;
        } catch (LockTimeoutException) {
            $sentence = 'Many pages of this site are being looked up just now. Try again in a moment.';
            throw LookupFailed::because(Reason::Busy, $sentence);
        }
    }

    private function turn(string $host, int $turn): Lock
    {
        $store = $this->cache->getStore();

        return $store instanceof \Illuminate\Contracts\Cache\LockProvider
            ? $store->lock("host:{$host}:{$turn}", self::HELD)
            : throw new \LogicException('The cache store must offer locks: use file, database or redis.');
    }
}
