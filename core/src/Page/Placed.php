<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

/** A source and where it goes. */
final readonly class Placed
{
    public function __construct(public PageSource $source, public Placement $placement)
    {
    }
}
