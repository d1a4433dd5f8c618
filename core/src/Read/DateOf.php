<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

/** Which of a page's dates a finding is. */
enum DateOf
{
    case Publication;
    case Making;
    case Change;
}
