<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault\Load;

/** How long requests took, and what was answered, by what they were for. */
final class Figures
{
    /** @var array<string, list<float>> milliseconds */
    private array $times = [];

    /** @var array<string, array<int, int>> */
    private array $statuses = [];

    public function count(string $what, Answer $answer): void
    {
        $this->times[$what][] = $answer->seconds * 1000;
        $this->statuses[$what][$answer->status] = ($this->statuses[$what][$answer->status] ?? 0) + 1;
    }

    public function all(string $what): int
    {
        return count($this->times[$what] ?? []);
    }

    /** @return array<int, int> how often each status was answered */
    public function statuses(string $what): array
    {
        return $this->statuses[$what] ?? [];
    }

    /** How many were answered with a status outside a range. */
    public function outside(string $what, int ...$good): int
    {
        return array_sum(array_diff_key($this->statuses($what), array_flip($good)));
    }

    /** @param  float  $share  0.95 for the time 95 of 100 requests took at most */
    public function percentile(string $what, float $share): float
    {
        $times = $this->times[$what] ?? [0.0];
        sort($times);

        return $times[min(count($times) - 1, (int) floor($share * count($times)))];
    }

    public function line(string $what): string
    {
        ksort($this->statuses[$what]);
        $statuses = implode(', ', array_map(static fn (int $status, int $count): string => "{$count} × {$status}", array_keys($this->statuses($what)), $this->statuses($what)));

        return sprintf(
            '%s: %d requests (%s), p50 %.0f ms, p95 %.0f ms, p99 %.0f ms, slowest %.0f ms',
            $what,
            $this->all($what),
            $statuses,
            $this->percentile($what, 0.5),
            $this->percentile($what, 0.95),
            $this->percentile($what, 0.99),
            $this->percentile($what, 1.0),
        );
    }
}
