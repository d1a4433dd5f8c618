<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Illuminate\Contracts\Cache\LockProvider;

/** At most a few requests at once to one host, over all of this application's processes. */
final readonly class HostTurns
{
    public function __construct(private LockProvider $locks, private int $atOnce)
    {
    }

    /**
     * @template T
     *
     * @param  float  $deadline  when waiting for a turn has no more use, in seconds of microtime
     * @param  \Closure(): T  $work
     * @return T
     *
     * @throws LookupFailed when no turn came up in time
     */
    public function take(string $host, float $deadline, \Closure $work): mixed
    {
        do {
            for ($turn = 0; $turn < $this->atOnce; $turn++) {
                $lock = $this->locks->lock("host:{$host}:{$turn}", 30);
                if ($lock->get()) {
                    try {
                        return $work();
                    } finally {
                        $lock->release();
                    }
                }
            }
            usleep(50_000);
        } while (microtime(true) < $deadline);

        throw new LookupFailed('Many pages of this site are being looked up just now. Try again in a moment.');
    }
}
