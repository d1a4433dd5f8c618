<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Source;

/** One group of remarks on a source. */
interface Checks
{
    /** @return list<Point> */
    public function on(Source $source): array;
}
