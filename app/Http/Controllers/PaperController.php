<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Middleware\Guest;
use Bibrel\App\Http\Presenter;
use Bibrel\App\Http\Problems;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\Demo;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

final class PaperController
{
    public function index(Request $request, Demo $demo): JsonResponse
    {
        if ((bool) config('bibrel.demo') && ! Papers::withRemoved($request)->exists()) {
            $demo->giveTo(Guest::id($request));
        }
        /** @var Collection<int, Paper> $papers */
        $papers = Papers::of($request)->withCount('sources')->orderByDesc('updated_at')->get();

        return new JsonResponse(['styles' => array_values(array_map(static fn (Style $style): array => ['value' => $style->id(), 'label' => $style->label()], Styles::all())), 'papers' => $papers->map(static fn (Paper $paper): array => [
            ...Presenter::settings($paper),
            'sources' => $paper->getAttribute('sources_count'),
            'updatedAt' => $paper->updated_at?->toIso8601String(),
        ])->all()]);
    }

    public function show(Request $request, string $paper): JsonResponse
    {
        return new JsonResponse(Presenter::paper(Papers::find($request, $paper)));
    }

    /** Makes or changes a paper under the id the browser made; saying the same twice changes nothing. */
    public function put(Request $request, string $paper): JsonResponse
    {
        abort_unless(Str::isUlid($paper), 422, 'The paper’s id is not a ULID.');
        $input = $request->validate([
            'version' => ['required', 'integer', 'min:0'],
            'title' => ['present', 'nullable', 'string', 'max:300'],
            'style' => ['required', Rule::in(array_keys(Styles::all()))],
            'surname' => ['nullable', 'string', 'max:120'],
            'course' => ['nullable', 'array'],
        ], ['title.max' => 'The title of the paper is longer than 300 characters. Shorten it.', 'style.in' => 'There is no such style.']);
        $wanted = [
            'title' => (string) ($input['title'] ?? ''),
            'style' => (string) $input['style'],
            'surname' => (string) ($input['surname'] ?? ''),
            'course' => CourseRules::fromArray($input['course'] ?? [])->toArray(),
        ];

        return DB::transaction(static function () use ($request, $paper, $input, $wanted): JsonResponse {
            $id = strtoupper($paper);
            /** @var ?Paper $found */
            $found = Paper::withTrashed()->lockForUpdate()->find($id);
            if ($found === null) {
                $found = Paper::query()->create(['id' => $id, 'guest_id' => Guest::id($request), 'version' => 1, ...$wanted]);

                return new JsonResponse(Presenter::settings($found), 201);
            }
            abort_if($found->guest_id !== Guest::id($request), 404);
            $same = $found->only(array_keys($wanted)) == $wanted;
            if (! $same && $found->version !== (int) $input['version']) {
                return Problems::response(409, 'Changed in another tab', 'The settings of this paper were changed in another tab or window. Choose which to keep.', ['theirs' => Presenter::settings($found), 'mine' => $wanted]);
            }
            if (! $same) {
                $found->update([...$wanted, 'version' => $found->version + 1]);
            }

            return new JsonResponse(Presenter::settings($found));
        });
    }

    public function remove(Request $request, string $paper): JsonResponse
    {
        Papers::of($request)->findOrFail(strtoupper($paper))->delete();

        return new JsonResponse(null, 204);
    }

    public function restore(Request $request, string $paper): JsonResponse
    {
        $found = Papers::withRemoved($request)->findOrFail(strtoupper($paper));
        $found->restore();

        return new JsonResponse(Presenter::settings($found));
    }
}
