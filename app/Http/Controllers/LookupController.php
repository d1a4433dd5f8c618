<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\ChooseOutcome;
use Bibrel\App\Http\Requests\LookUpAgain;
use Bibrel\App\Http\Requests\StartLookup;
use Bibrel\App\Http\Resources\LookupResource;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Lookup\LookupQueue;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Look-ups of a paper. They are carried out by the queue, never by the request that asks for them. */
final class LookupController
{
    public function __construct(private readonly LookupQueue $queue)
    {
    }

    /** Those that are under way, and those whose end nobody has seen yet. */
    public function index(Paper $paper): JsonResponse
    {
        $this->queue->sweep($paper);

        return $this->listed($paper);
    }

    /**
     * Starts a look-up, or one for each line.
     *
     * @throws LookupFailed where what was pasted is no lead
     */
    public function store(StartLookup $request, Paper $paper, #[CurrentUser] Guest $guest): JsonResponse
    {
        $take = $request->input('take');
        $started = $this->queue->start(
            $paper,
            $guest,
            (string) $request->input('id'),
            $request->lead(),
            $request->today(),
            $take,
        );

        return new JsonResponse(['lookups' => LookupResource::collection($started)], 202);
    }

    /** Looks a source up again: what was found is renewed, what stands in the fields is not touched. */
    public function again(
        LookUpAgain $request,
        Paper $paper,
        SourceRecord $source,
        #[CurrentUser] Guest $guest,
    ): JsonResponse {
        $started = $this->queue->startAgain($paper, $guest, $source, $request->input('id'), $request->today());

        return new JsonResponse(['lookups' => [new LookupResource($started)]], 202);
    }

    public function retry(Paper $paper, LookupRecord $lookup): JsonResponse
    {
        $this->queue->retry($lookup);

        return $this->listed($paper, 202);
    }

    /** One of several things was chosen, or a citation is taken as it was read. */
    public function choose(ChooseOutcome $request, Paper $paper, LookupRecord $lookup): JsonResponse
    {
        $request->boolean('twice')
            ? $this->queue->addTwice($lookup)
            : $this->queue->choose($lookup, $request->input('lead'), (string) $request->input('take'));

        return $this->listed($paper, 202);
    }

    /** Stops a look-up that is under way, and puts one away that has ended. */
    public function dismiss(Paper $paper, LookupRecord $lookup): Response
    {
        $this->queue->dismiss($lookup);

        return new Response(status: 204);
    }

    /** Puts away all that have ended. */
    public function dismissEnded(Paper $paper): Response
    {
        $this->queue->dismissEnded($paper);

        return new Response(status: 204);
    }

    private function listed(Paper $paper, int $status = 200): JsonResponse
    {
        $paper->refresh();

        return new JsonResponse([
            'revision' => $paper->revision,
            'lookups' => LookupResource::collection($this->queue->of($paper)),
        ], $status);
    }
}
