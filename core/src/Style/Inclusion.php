<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** When an entry prints what its style leaves to choice: the date of access, the medium. */
enum Inclusion: string
{
    /**
     * Where the style's handbook asks for it. The date of access: MLA for an undated source, APA for one that changes
     * by design. The medium: where somebody named one.
     */
    case Auto = 'auto';
    case Always = 'always';
    case Never = 'never';
}
