<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Presenter;
use Bibrel\App\Http\Problems;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\ReadingRecord;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\PartOfBook;
use Bibrel\Core\Source\Source;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

final class SourceController
{
    private const LONGEST = 400_000;

    /** Makes or changes a source under the id the browser made; saying the same twice changes nothing. */
    public function put(Request $request, string $paper, string $source): JsonResponse
    {
        abort_unless(Str::isUlid($source), 422, 'The source’s id is not a ULID.');
        $input = $request->validate([
            'version' => ['required', 'integer', 'min:0'],
            'source' => ['required', 'array'],
            'settled' => ['nullable', 'array'],
            'settled.*' => ['string', 'max:40'],
        ]);
        $id = strtoupper($source);
        $data = Source::fromArray(['id' => $id] + $input['source'], Kinds::all())->toArray();
        unset($data['id']);
        abort_if(strlen((string) json_encode($data)) > self::LONGEST, 422, 'This source holds more text than can be kept. Shorten the annotation.');

        return DB::transaction(static function () use ($request, $paper, $id, $input, $data): JsonResponse {
            $owner = Papers::of($request)->findOrFail(strtoupper($paper));
            /** @var ?SourceRecord $found */
            $found = SourceRecord::withTrashed()->lockForUpdate()->find($id);
            if ($found === null) {
                $found = SourceRecord::query()->create(['id' => $id, 'paper_id' => $owner->id, 'data' => $data, 'version' => 1]);
                $owner->touch();

                return new JsonResponse(Presenter::source($found, $owner->styleInUse()), 201);
            }
            abort_if($found->paper_id !== $owner->id, 404);
            $reading = $found->reading;
            if ($reading !== null && isset($input['settled'])) {
                $reading['settled'] = $input['settled'];
            }
            if ($found->data == $data && $found->reading == $reading) {
                return new JsonResponse(Presenter::source($found, $owner->styleInUse()));
            }
            if ($found->version !== (int) $input['version']) {
                return Problems::response(409, 'Changed in another tab', 'This source was changed in another tab or window. Choose which to keep.', ['theirs' => Presenter::source($found, $owner->styleInUse()), 'mine' => $data]);
            }
            $found->update(['data' => $data, 'reading' => $reading, 'version' => $found->version + 1]);
            $owner->touch();

            return new JsonResponse(Presenter::source($found, $owner->styleInUse()));
        });
    }

    /** The book that was looked up is only where the source stands: one part of it was used. */
    public function part(Request $request, string $paper, string $source): JsonResponse
    {
        $input = $request->validate(['version' => ['required', 'integer', 'min:0']]);
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));
        $found = SourceRecord::query()->where('paper_id', $owner->id)->findOrFail(strtoupper($source));
        if ($found->version !== (int) $input['version']) {
            return Problems::response(409, 'Changed in another tab', 'This source was changed in another tab or window. Choose which to keep.', ['theirs' => Presenter::source($found, $owner->styleInUse()), 'mine' => $found->data]);
        }
        $part = PartOfBook::of($found->source());
        $data = $part->toArray();
        unset($data['id']);
        $reading = $found->reading === null ? null : ReadingRecord::ofPart($found->reading, $part);
        $found->update(['data' => $data, 'reading' => $reading, 'version' => $found->version + 1]);
        $owner->touch();

        return new JsonResponse(Presenter::source($found, $owner->styleInUse()));
    }

    public function remove(Request $request, string $paper, string $source): JsonResponse
    {
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));
        $owner->sources()->findOrFail(strtoupper($source))->delete();
        $owner->touch();

        return new JsonResponse(null, 204);
    }

    public function restore(Request $request, string $paper, string $source): JsonResponse
    {
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));
        $found = SourceRecord::query()->withoutGlobalScope(SoftDeletingScope::class)->where('paper_id', $owner->id)->findOrFail(strtoupper($source));
        $found->restore();

        return new JsonResponse(Presenter::source($found, $owner->styleInUse()));
    }

    public function pageCopy(Request $request, string $paper, string $source): JsonResponse
    {
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));
        $found = SourceRecord::query()->where('paper_id', $owner->id)->findOrFail(strtoupper($source));

        return new JsonResponse(['blocks' => $found->page_copy ?? []]);
    }
}
