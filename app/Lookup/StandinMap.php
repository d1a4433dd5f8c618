<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Standins\World;

/** Which hosts the simulated outside world answers for, and where; none in production. */
final readonly class StandinMap
{
    /** A port of this machine at which nothing listens, as at any port of a stand-in host but the web's two. */
    private const CLOSED = 9;

    public function __construct(private ?int $port)
    {
    }

    /** @return ?int where to connect on 127.0.0.1; null for the real web */
    public function portFor(string $host, int $port): ?int
    {
        if ($this->port === null || ! World::has($host)) {
            return null;
        }

        return in_array($port, [80, 443], true) ? $this->port : self::CLOSED;
    }
}
