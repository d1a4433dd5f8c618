<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Finding;

/** One place on a page to look for values. */
interface EvidenceReader
{
    /** @return list<Finding> */
    public function read(Document $page): array;
}
