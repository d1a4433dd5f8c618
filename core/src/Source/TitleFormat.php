<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** How a title is set off from the words around it. */
enum TitleFormat
{
    case Italic;
    case Quoted;
    case Plain;
}
