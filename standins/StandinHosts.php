<?php

declare(strict_types=1);

namespace Bibrel\Standins;

use Bibrel\App\Lookup\HostMap;

/** Sends look-ups of the made-up hosts to the simulated world on this machine. */
final class StandinHosts extends HostMap
{
    /** A port of this machine at which nothing listens, as at any port of a stand-in host but the web's two. */
    private const CLOSED = 9;

    public function __construct(private readonly int $port)
    {
    }

    public function portFor(string $host, int $port): ?int
    {
        if (! World::has($host)) {
            return null;
        }

        return in_array($port, [80, 443], true) ? $this->port : self::CLOSED;
    }
}
