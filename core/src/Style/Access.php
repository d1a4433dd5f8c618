<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** When an entry prints the date of access. */
enum Access: string
{
    /** Where the style's handbook asks for it: MLA for an undated source, APA for one that changes by design. */
    case Auto = 'auto';
    case Always = 'always';
    case Never = 'never';
}
