<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** How a paper shows web addresses. */
enum Addresses: string
{
    /** As the style has it: MLA without the protocol, APA with it. */
    case Auto = 'auto';
    case Full = 'full';
    case Bare = 'bare';
    case None = 'none';
}
