<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

final readonly class FetchedPage
{
    /** @param  string  $url where it was found in the end, after all redirects */
    public function __construct(public string $url, public string $contentType, public string $body)
    {
    }
}
