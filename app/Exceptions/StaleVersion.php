<?php

declare(strict_types=1);

namespace Bibrel\App\Exceptions;

use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;

/** A change was made on a state that somebody else has changed since. Carries the state as it is now. */
final class StaleVersion extends \RuntimeException
{
    public function __construct(public readonly Paper|SourceRecord|Note $now)
    {
        parent::__construct('The change was made on an older version.');
    }
}
