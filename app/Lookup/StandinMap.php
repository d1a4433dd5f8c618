<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Standins\World;

/** Which hosts the simulated outside world answers for, and where; none in production. */
final readonly class StandinMap
{
    public function __construct(private ?int $port) {}

    public function portFor(string $host, int $port): ?int
    {
        return $this->port !== null && in_array($port, [80, 443], true) && World::has($host) ? $this->port : null;
    }
}
