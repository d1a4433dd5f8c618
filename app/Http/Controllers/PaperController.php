<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\SavePaper;
use Bibrel\App\Http\Resources\PaperResource;
use Bibrel\App\Http\Resources\SettingsResource;
use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\FirstPapers;
use Bibrel\App\Papers\PaperChanges;
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
    public function index(Request $request, #[CurrentUser] Guest $guest, FirstPapers $first): JsonResponse
    {
        if ($request->attributes->getBoolean('returns')) {
            // Whoever comes first makes the row, and the others wait for it: nobody gets the first papers twice.
            DB::transaction(static fn () => $guest->arrive() && $first->giveTo($guest), 3);
        }
        $papers = $guest->papers()->withCount('sources')->orderByDesc('updated_at')->orderByDesc('id')->get();

        return new JsonResponse([
            'styles' => array_values(array_map(
                static fn (Style $style): array => ['value' => $style->id(), 'label' => $style->label()],
                Styles::all(),
            )),
            'papers' => $papers->map(static fn (Paper $paper): SettingsResource => new SettingsResource($paper)),
        ]);
    }

    public function show(Paper $paper, #[CurrentUser] Guest $guest): PaperResource
    {
        $guest->arrive();

        return new PaperResource($paper->load('sources'));
    }

    /** Whether there is anything new: raised by every change of the paper and of anything on it. */
    public function revision(Paper $paper): JsonResponse
    {
        return new JsonResponse(['revision' => $paper->revision]);
    }

    /** Makes or changes a paper under the id the browser made. */
    public function put(SavePaper $request, #[CurrentUser] Guest $guest, PaperChanges $papers, string $id): JsonResponse
    {
        $paper = $papers->save($guest->id, $id, $request->save(), $request->settings(), $request->aside());
        if ($paper->wasRecentlyCreated) {
            $guest->arrive();
        }

        return (new SettingsResource($paper))->response();
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

    public function goBack(Request $request, Paper $paper, int $state, PaperChanges $papers): SettingsResource
    {
        /** @var EarlierState $earlier */
        $earlier = EarlierState::of($paper)->findOrFail($state);

        return new SettingsResource($papers->goBack($paper, $earlier->state));
    }
}
