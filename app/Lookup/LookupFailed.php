<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** Something could not be had: a reason for code, and a sentence for the student that says what to do. */
final class LookupFailed extends \RuntimeException
{
    private function __construct(public readonly Reason $reason, string $sentence, public readonly string $url)
    {
        parent::__construct($sentence);
    }

    /** @param  string  $url where it failed, as far as it came */
    public static function because(Reason $reason, string $sentence, string $url = ''): self
    {
        return new self($reason, $sentence, $url);
    }
}
