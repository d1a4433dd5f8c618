<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** A page could not be had; the message is a sentence a student understands, with what to do. */
final class LookupFailed extends \RuntimeException
{
    /** @param  string  $url where it failed, as far as it came */
    public function __construct(string $sentence, public readonly string $url = '')
    {
        parent::__construct($sentence);
    }
}
