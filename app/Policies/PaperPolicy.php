<?php

declare(strict_types=1);

namespace Bibrel\App\Policies;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Illuminate\Auth\Access\Response;

/** A paper is its guest's alone; to anybody else it is not there. */
final class PaperPolicy
{
    public function view(Guest $guest, Paper $paper): Response
    {
        return $paper->guest_id === $guest->id ? Response::allow() : Response::denyAsNotFound();
    }
}
