<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\MakePart;
use Bibrel\App\Http\Requests\SaveSource;
use Bibrel\App\Http\Resources\SourceResource;
use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\SourceChanges;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** The sources of a paper. */
final class SourceController
{
    public function __construct(private readonly SourceChanges $sources)
    {
    }

    public function show(Paper $paper, SourceRecord $source): SourceResource
    {
        return new SourceResource($source, $paper->styleInUse());
    }

    /** Makes or changes a source under the id the browser made. */
    public function put(SaveSource $request, Paper $paper, string $id): JsonResponse
    {
        $saved = $this->sources->save(
            $paper,
            $id,
            $request->save(),
            $request->sourceData(),
            $request->dismissed(),
            $request->aside(),
        );

        // With the paper's own state, so that whoever saves knows whether somebody else did, too.
        $revision = (int) Paper::query()->whereKey($paper->id)->value('revision');

        return (new SourceResource($saved, $paper->styleInUse(), revision: $revision))->response();
    }

    /** The book that was looked up is only where the source stands: one part of it was used. */
    public function part(
        MakePart $request,
        Paper $paper,
        SourceRecord $source,
        #[CurrentUser] Guest $guest,
    ): SourceResource {
        $part = $this->sources->makePart($paper, $source->id, $request->integer('version'), $guest->id);

        return new SourceResource($part, $paper->styleInUse());
    }

    public function remove(Paper $paper, SourceRecord $source): Response
    {
        $this->sources->remove($paper, $source->id);

        return new Response(status: 204);
    }

    public function restore(Paper $paper, SourceRecord $source): SourceResource
    {
        return new SourceResource($this->sources->restore($paper, $source->id), $paper->styleInUse());
    }

    public function goBack(
        Paper $paper,
        SourceRecord $source,
        int $state,
        #[CurrentUser] Guest $guest,
    ): SourceResource {
        /** @var EarlierState $earlier */
        $earlier = EarlierState::of($source)->findOrFail($state);

        $source = $this->sources->goBack($paper, $source->id, $earlier, $guest->id);

        return new SourceResource($source, $paper->styleInUse());
    }

    public function pageCopy(Paper $paper, SourceRecord $source): JsonResponse
    {
        return new JsonResponse(['blocks' => SourceRecord::query()->findOrFail($source->id)->page_copy ?? []]);
    }
}
