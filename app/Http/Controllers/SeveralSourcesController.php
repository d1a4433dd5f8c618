<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\SeveralSources;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\SourceChanges;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Response;

/** What is done with several sources at once, all or none. */
final class SeveralSourcesController
{
    public function __construct(private readonly SourceChanges $sources)
    {
    }

    public function remove(SeveralSources $request, Paper $paper): Response
    {
        $this->sources->removeAll($paper, $request->ids());

        return new Response(status: 204);
    }

    public function bringBack(SeveralSources $request, Paper $paper): Response
    {
        $this->sources->restoreAll($paper, $request->ids());

        return new Response(status: 204);
    }

    /** Moves them to another paper of the same guest, with all that was found and noted. */
    public function move(SeveralSources $request, Paper $paper, #[CurrentUser] Guest $guest): Response
    {
        /** @var Paper $to */
        $to = $guest->papers()->findOrFail((string) $request->input('to'));
        $this->sources->move($paper, $to, $request->ids());

        return new Response(status: 204);
    }
}
