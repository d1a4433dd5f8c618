<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Psr\Http\Message\ResponseInterface;

/** One answer over HTTP: its head, and its body as far as it came. */
final readonly class Transfer
{
    public function __construct(public ResponseInterface $response, public string $body)
    {
    }
}
