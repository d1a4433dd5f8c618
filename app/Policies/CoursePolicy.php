<?php

declare(strict_types=1);

namespace Bibrel\App\Policies;

use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Illuminate\Auth\Access\Response;

/** A course is its teacher's; students come to what it asks by its link, and to nothing else of it. */
final class CoursePolicy
{
    public function own(Guest $guest, Course $course): Response
    {
        return $course->guest_id === $guest->id ? Response::allow() : Response::denyAsNotFound();
    }
}
