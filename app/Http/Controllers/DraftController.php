<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Drafts\DraftReader;
use Bibrel\App\Http\Requests\AnswerDraft;
use Bibrel\App\Http\Requests\GiveDraft;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Models\DraftRecord;
use Bibrel\App\Models\Paper;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A student's own draft of a paper: given, held against the page, given back with it, thrown away. */
final class DraftController
{
    public function __construct(private readonly DraftReader $reader)
    {
    }

    public function show(Paper $paper): JsonResponse
    {
        $draft = DraftRecord::query()->find($paper->id);

        return new JsonResponse(['draft' => $draft === null ? null : $this->told($draft, $paper)]);
    }

    /**
     * Takes a draft in, in place of the one there was; what was settled stays settled. One that cannot be read changes
     * nothing.
     *
     * @throws LookupFailed
     */
    public function give(GiveDraft $request, Paper $paper): JsonResponse
    {
        $draft = DraftRecord::withTrashed()->find($paper->id)
            ?? new DraftRecord(['paper_id' => $paper->id, 'settled' => [], 'meant' => []]);
        if ($draft->trashed()) {
            $draft->fill(['settled' => [], 'meant' => []]);
        }
        $draft->fill(['name' => $request->name(), 'bytes' => $request->bytes(), 'removed_at' => null]);
        $told = $this->told($draft, $paper);
        $draft->save();

        return new JsonResponse(['draft' => $told]);
    }

    /** Keeps what the student says of what was found. */
    public function answer(AnswerDraft $request, Paper $paper): JsonResponse
    {
        $draft = DraftRecord::query()->findOrFail($paper->id);
        $draft->fill($request->answers())->save();

        return new JsonResponse(['draft' => $this->told($draft, $paper)]);
    }

    public function throwAway(Paper $paper): Response
    {
        DraftRecord::query()->whereKey($paper->id)->delete();

        return new Response(status: 204);
    }

    /** It was not meant to be thrown away. */
    public function bringBack(Paper $paper): JsonResponse
    {
        $draft = DraftRecord::withTrashed()->findOrFail($paper->id);
        $draft->restore();

        return new JsonResponse(['draft' => $this->told($draft, $paper)]);
    }

    /** The draft itself with the page at its end. */
    public function document(Request $request, Paper $paper): Response
    {
        $draft = DraftRecord::query()->findOrFail($paper->id);
        $mends = array_values(array_filter(explode(',', $request->string('mend')->value())));
        $made = $this->reader->withPage(
            $draft,
            $paper->load('sources'),
            $request->boolean('replace'),
            $request->query('only') === 'cited',
            $mends,
        );
        $name = pathinfo($draft->name, PATHINFO_FILENAME) ?: 'draft';

        return (new Response($made['bytes'], 200, [
            'Content-Type' => $made['mediaType'],
            'Cache-Control' => 'private, no-store',
        ]))->withHeaders(['Content-Disposition' => 'attachment; filename="'
            .preg_replace('/[^A-Za-z0-9._-]+/', '-', $name)."-with-page.{$made['extension']}\""]);
    }

    /** @return array<string, mixed> */
    private function told(DraftRecord $draft, Paper $paper): array
    {
        return [
            'name' => $draft->name,
            'settled' => $draft->settled,
            'meant' => (object) $draft->meant,
            ...$this->reader->view($draft, $paper->load('sources')),
        ];
    }
}
