<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Resources\EarlierStateResource;
use Bibrel\App\Http\Resources\RemovedSourceResource;
use Bibrel\App\Http\Resources\SettingsResource;
use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\Revisable;
use Bibrel\App\Models\SourceRecord;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Collection;

/** What can be brought back: the bins, and the earlier states of what is still there. */
final class KeptController
{
    /** As many as anybody reads through. */
    private const MOST = 200;

    public function papers(#[CurrentUser] Guest $guest): JsonResponse
    {
        $removed = $guest->papers()
            ->onlyTrashed()
            ->withCount('sources')
            ->latest('removed_at')
            ->limit(self::MOST)
            ->get();

        return new JsonResponse(
            $removed->map(static fn (Paper $paper): SettingsResource => new SettingsResource($paper)),
        );
    }

    public function sources(Paper $paper): JsonResponse
    {
        $removed = $paper->sources()->onlyTrashed()->reorder()->latest('removed_at')->limit(self::MOST)->get();

        return new JsonResponse(RemovedSourceResource::collection($removed));
    }

    public function settingsStates(Paper $paper, #[CurrentUser] Guest $guest): JsonResponse
    {
        return new JsonResponse($this->states($paper, $paper, $guest));
    }

    public function sourceStates(Paper $paper, SourceRecord $source, #[CurrentUser] Guest $guest): JsonResponse
    {
        return new JsonResponse($this->states($paper, $source, $guest));
    }

    /** @return Collection<int, EarlierStateResource> */
    private function states(Paper $paper, Model&Revisable $subject, Guest $guest): Collection
    {
        $course = $paper->courseRules();
        $style = $paper->styleInUse();

        $states = EarlierState::of($subject)->limit(self::MOST)->get();
        $names = Guest::names(array_filter($states->pluck('made_by')->all()));

        return $states->toBase()->map(static fn (EarlierState $one): EarlierStateResource => new EarlierStateResource(
            $one,
            $style,
            $course,
            // What one wrote oneself one knows.
            $one->made_by === null || $one->made_by === $guest->id ? '' : $names[$one->made_by],
        ));
    }
}
