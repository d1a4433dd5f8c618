<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault\Load;

/** What came back to one request, and how long it took. */
final readonly class Answer
{
    /**
     * @param  int  $status  0 where nothing answered
     * @param  array<string, mixed>  $json
     */
    public function __construct(public int $status, public array $json, public float $seconds)
    {
    }

    public function isGood(): bool
    {
        return $this->status >= 200 && $this->status < 300;
    }
}
