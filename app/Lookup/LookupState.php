<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** How far a look-up is. */
enum LookupState: string
{
    /** After others of the same guest. */
    case Waiting = 'waiting';
    /** Handed to the queue. */
    case Queued = 'queued';
    case Working = 'working';
    /** It is on the paper already. */
    case Double = 'double';
    /** It became a source. */
    case Added = 'added';
    /** It may be one of several things. */
    case Choice = 'choice';
    /** It is a finished citation, shown next to ours. */
    case Compared = 'compared';
    case Failed = 'failed';
    /** Stopped, or put away by the student. */
    case Dismissed = 'dismissed';
}
