<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** How much an issue matters. */
enum Severity: string
{
    /** Something is wrong, or may be: somebody should look. */
    case Open = 'open';
    /** A field that has to be filled in is empty still. */
    case Missing = 'missing';
    /** Said next to the field only: the entry is in order as it stands. */
    case Hint = 'hint';
}
