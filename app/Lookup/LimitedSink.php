<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use GuzzleHttp\Psr7\StreamDecoratorTrait;
use GuzzleHttp\Psr7\Utils;
use Psr\Http\Message\StreamInterface;

/** Takes in an answer up to a size. It counts what was unpacked, so that a small file cannot unfold without end. */
final class LimitedSink implements StreamInterface
{
    use StreamDecoratorTrait;

    public bool $isOver = false;

    private int $taken = 0;

    private StreamInterface $stream;

    public function __construct(private readonly int $most)
    {
        $this->stream = Utils::streamFor();
    }

    /** Taking in less than was given is how the transfer is told to end. */
    public function write(string $string): int
    {
        $this->taken += strlen($string);
        $this->isOver = $this->taken > $this->most;

        return $this->isOver ? 0 : $this->stream->write($string);
    }
}
