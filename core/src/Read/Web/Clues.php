<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Finding;

/** One place on a page to look for values. */
interface Clues
{
    /** @return list<Finding> */
    public function in(Document $page): array;
}
