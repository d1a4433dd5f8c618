<?php

declare(strict_types=1);

namespace Bibrel\App\Exceptions;

use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;

/** Somebody asked for, or changed, what lies in the bin. */
final class Removed extends \RuntimeException
{
    public function __construct(public readonly Paper|SourceRecord|Note $removed)
    {
        parent::__construct('It was removed.');
    }
}
