<?php

declare(strict_types=1);

namespace Bibrel\Standins;

/** What a stand-in site answers, and how long it takes over it. */
final readonly class Answer
{
    /**
     * @param  float  $after  seconds of waiting before anything is sent
     * @param  string  $encoding  how the body is packed already: "gzip"
     * @param  int  $promised  how many bytes are announced, where that is not how many come: the answer breaks off
     * @param  int  $repeated  how often the body is sent again and again
     */
    public function __construct(public int $status, public string $type, public string $body, public string $location = '', public float $after = 0.0, public string $encoding = '', public int $promised = 0, public int $repeated = 1)
    {
    }

    public static function redirect(string $to, int $status = 301): self
    {
        return new self($status, 'text/html', '', $to);
    }
}
