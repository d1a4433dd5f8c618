<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

/** What changed a source or a paper's settings. */
enum Cause: string
{
    case Typed = 'typed';
    /** One of two values for a field was chosen; this is what was not. */
    case SetAside = 'set-aside';
    case LookedUp = 'looked-up';
    case MadePart = 'made-part';
    case WentBack = 'went-back';
}
