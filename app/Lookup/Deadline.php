<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** The moment by which everything a look-up waits for must have answered. */
final readonly class Deadline
{
    private function __construct(private float $at, public int $seconds)
    {
    }

    public static function in(int $seconds): self
    {
        return new self(microtime(true) + $seconds, $seconds);
    }

    /** The earlier of this one and one that many seconds from now. */
    public function butAtMost(int $seconds): self
    {
        return $this->left() <= $seconds ? $this : self::in($seconds);
    }

    /** Seconds until then; 0 once it has passed. */
    public function left(): float
    {
        return max(0.0, $this->at - microtime(true));
    }
}
