<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Guest;

/** What a guest finds who is here for the first time: nothing, unless an installation binds something else. */
class FirstPapers
{
    public function giveTo(Guest $guest): void
    {
    }
}
