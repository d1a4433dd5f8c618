<?php

declare(strict_types=1);

namespace Bibrel\Standins;

/** What a stand-in site answers, and how long it takes over it. */
final readonly class Answer
{
    /** @param  float  $after seconds of waiting before anything is sent */
    public function __construct(public int $status, public string $type, public string $body, public string $location = '', public float $after = 0.0)
    {
    }

    public static function redirect(string $to, int $status = 301): self
    {
        return new self($status, 'text/html', '', $to);
    }
}
