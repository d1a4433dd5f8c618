<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\SeveralSources;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\Copies;
use Bibrel\App\Papers\SourceChanges;
use Bibrel\App\Sharing\Right;
use Bibrel\App\Sharing\Rights;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
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

    /** Puts copies of them on another paper, with all that was found and noted. */
    public function copy(
        SeveralSources $request,
        Paper $paper,
        #[CurrentUser] Guest $guest,
        Copies $copies,
        Rights $rights,
    ): JsonResponse {
        $to = Paper::query()->findOrFail((string) $request->input('to'));
        $rights->demand($guest->id, $to, Right::Edit);

        return new JsonResponse(['ids' => $copies->ofSources($paper, $to, $request->ids(), $guest->id)], 201);
    }

    /** Moves them to another paper, with all that was found and noted. */
    public function move(
        SeveralSources $request,
        Paper $paper,
        #[CurrentUser] Guest $guest,
        Rights $rights,
    ): Response {
        $to = Paper::query()->findOrFail((string) $request->input('to'));
        $rights->demand($guest->id, $to, Right::Edit);
        $this->sources->move($paper, $to, $request->ids());

        return new Response(status: 204);
    }
}
