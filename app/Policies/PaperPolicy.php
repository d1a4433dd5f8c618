<?php

declare(strict_types=1);

namespace Bibrel\App\Policies;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Sharing\Right;
use Bibrel\App\Sharing\Rights;
use Illuminate\Auth\Access\Response;

/** A paper is its owner's, and theirs it is shared with; to anybody else it is not there. */
final readonly class PaperPolicy
{
    public function __construct(private Rights $rights)
    {
    }

    public function view(Guest $guest, Paper $paper): Response
    {
        return $this->allows($guest, $paper, Right::Read);
    }

    public function comment(Guest $guest, Paper $paper): Response
    {
        return $this->allows($guest, $paper, Right::Comment);
    }

    public function edit(Guest $guest, Paper $paper): Response
    {
        return $this->allows($guest, $paper, Right::Edit);
    }

    public function own(Guest $guest, Paper $paper): Response
    {
        return $this->allows($guest, $paper, Right::Own);
    }

    private function allows(Guest $guest, Paper $paper, Right $wanted): Response
    {
        $right = $this->rights->of($guest->id, $paper);
        if ($right === null || ! $right->holds(Right::Read)) {
            return Response::denyAsNotFound();
        }

        return $right->holds($wanted) ? Response::allow() : Response::deny($right->refusal());
    }
}
