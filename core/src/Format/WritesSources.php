<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Source\Source;

interface WritesSources
{
    /** @param  list<Source>  $sources */
    public function write(array $sources): string;
}
