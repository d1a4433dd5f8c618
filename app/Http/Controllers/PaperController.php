<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\SavePaper;
use Bibrel\App\Http\Resources\PaperResource;
use Bibrel\App\Http\Resources\SettingsResource;
use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\Copies;
use Bibrel\App\Papers\FirstPapers;
use Bibrel\App\Papers\PaperChanges;
use Bibrel\App\Papers\PaperList;
use Bibrel\App\Papers\Search;
use Bibrel\App\People\Invitations;
use Bibrel\App\Sharing\Rights;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** The papers of the guest who asks. */
final class PaperController
{
    public function index(
        Request $request,
        #[CurrentUser] Guest $guest,
        FirstPapers $first,
        Invitations $invitations,
        Rights $rights,
        PaperList $list,
    ): JsonResponse {
        if ($request->attributes->getBoolean('returns')) {
            // Whoever comes first makes the row, and the others wait for it: nobody gets the first papers twice.
            DB::transaction(static fn () => $guest->arrive() && $first->giveTo($guest), 3);
        }
        if ($guest->signIn !== null) {
            $invitations->takeUp($guest->signIn->account);
        }
        $shared = $rights->shared($guest);
        $papers = Paper::query()->where('guest_id', $guest->id);
        $papers->orWhereIn('id', array_keys($shared))->orderByDesc('updated_at')->orderByDesc('id');

        return new JsonResponse([
            'styles' => array_values(array_map(
                static fn (Style $style): array => ['value' => $style->id(), 'label' => $style->label()],
                Styles::all(),
            )),
            'papers' => $list->of($papers->get(), $guest, $shared),
        ]);
    }

    public function show(Paper $paper, #[CurrentUser] Guest $guest): PaperResource
    {
        $guest->arrive();

        return new PaperResource($paper->load('sources'));
    }

    /** Makes or changes a paper under the id the browser made. */
    public function put(SavePaper $request, #[CurrentUser] Guest $guest, PaperChanges $papers, string $id): JsonResponse
    {
        $paper = $papers->save($id, $request->save(), $request->settings(), $request->aside());
        if ($paper->wasRecentlyCreated) {
            $guest->arrive();
        }

        return (new SettingsResource($paper))->response();
    }

    /** The paper once more, with all that is on it. */
    public function copy(Request $request, Paper $paper, #[CurrentUser] Guest $guest, Copies $copies): JsonResponse
    {
        $id = $request->validate(['id' => ['required', 'ulid']])['id'];
        $guest->arrive();

        return (new SettingsResource($copies->ofPaper($paper, $id, $guest->id)))->response()->setStatusCode(201);
    }

    /** Sources and notes of all papers, by words that stand in them. */
    public function search(Request $request, #[CurrentUser] Guest $guest, Search $search): JsonResponse
    {
        $asked = $request->string('for')->value();

        return new JsonResponse([
            'sources' => $search->sources($guest, $asked), 'notes' => $search->notes($guest, $asked),
        ]);
    }

    public function remove(Paper $paper, PaperChanges $papers): Response
    {
        $papers->remove($paper);

        return new Response(status: 204);
    }

    public function restore(Paper $paper, PaperChanges $papers): SettingsResource
    {
        return new SettingsResource($papers->restore($paper));
    }

    public function goBack(
        Paper $paper,
        int $state,
        PaperChanges $papers,
        #[CurrentUser] Guest $guest,
    ): SettingsResource {
        /** @var EarlierState $earlier */
        $earlier = EarlierState::of($paper)->findOrFail($state);

        return new SettingsResource($papers->goBack($paper, $earlier->state, $guest->id));
    }
}
