<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** Where an entry says what a source is when its title does not tell ("Editorial", "prompt", "special issue of"). */
enum FormPlace
{
    case None;
    case AfterTitle;
    case BeforeContainer;
    case AtEnd;
}
