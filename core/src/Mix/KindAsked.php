<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

/** At least so many sources of one kind are asked for. */
final readonly class KindAsked
{
    /** @param  string  $kind  a kind's id */
    public function __construct(public string $kind, public int $atLeast)
    {
    }
}
