<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Presenter;
use Bibrel\App\Lookup\Lookup;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\ReadingRecord;
use Bibrel\Core\Source\PartialDate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class LookupController
{
    /** A lead becomes a source on the paper, with what was found and how. */
    public function store(Request $request, string $paper, Lookup $lookup): JsonResponse
    {
        $input = $request->validate([
            'id' => ['required', 'ulid'],
            'lead' => ['present', 'nullable', 'string', 'max:1000000'],
            'today' => ['required', 'date_format:Y-m-d'],
        ], ['lead.max' => 'That is too long to be looked up. Paste one address.', 'lead.string' => 'Paste the address as text.']);
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));
        $id = strtoupper($input['id']);
        $known = SourceRecord::withTrashed()->find($id);
        if ($known !== null) {
            abort_if($known->paper_id !== $owner->id, 404);

            return new JsonResponse(Presenter::source($known, $owner->styleInUse()));
        }
        $today = PartialDate::parse($input['today'])->words();
        $reading = $lookup->page((string) ($input['lead'] ?? ''), $today);
        $data = $reading->source($id, $today)->toArray();
        unset($data['id']);
        $record = SourceRecord::query()->create([
            'id' => $id,
            'paper_id' => $owner->id,
            'data' => $data,
            ...ReadingRecord::of($reading, (string) $input['lead']),
            'version' => 1,
        ]);
        $owner->touch();

        return new JsonResponse(Presenter::source($record, $owner->styleInUse()), 201);
    }
}
