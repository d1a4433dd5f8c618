<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;

/** One group of issues of a source. */
interface Checks
{
    /** @return list<Issue> */
    public function on(Source $source): array;
}
