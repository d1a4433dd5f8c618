<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Presenter;
use Bibrel\App\Lookup\Candidate;
use Bibrel\App\Lookup\Lead;
use Bibrel\App\Lookup\Lookup;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\Intake;
use Bibrel\App\Papers\ReadingRecord;
use Bibrel\Core\Source\PartialDate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

final class LookupController
{
    /**
     * A lead becomes a source on the paper, with what was found and how. Answers 201 with the source, or with `added` for
     * several records; 200 with `choice` where it may be one of several things, with `compared` for a citation somebody
     * else made, with `lines` for several leads at once. `take` says what the student has decided already: to take the
     * citation as it was read, or that the whole book was used.
     */
    public function store(Request $request, string $paper, Lookup $lookup): JsonResponse
    {
        $input = $request->validate([
            'id' => ['required', 'ulid'],
            'lead' => ['present', 'nullable', 'string', 'max:1000000'],
            'today' => ['required', 'date_format:Y-m-d'],
            'take' => ['nullable', 'in:citation,whole'],
        ], ['lead.max' => 'That is too long to be looked up. Paste one lead a line, or a smaller file.', 'lead.string' => 'Paste the lead as text.']);
        $owner = Papers::of($request)->with('sources')->findOrFail(strtoupper($paper));
        $id = strtoupper($input['id']);
        $known = SourceRecord::withTrashed()->find($id);
        if ($known !== null) {
            abort_if($known->paper_id !== $owner->id, 404);

            return new JsonResponse(Presenter::source($known, $owner->styleInUse()));
        }
        $lead = (string) ($input['lead'] ?? '');
        $lines = Lead::lines($lead);
        if ($lines !== []) {
            return new JsonResponse(['lines' => count($lines)]);
        }
        $today = PartialDate::parse($input['today'])->words();
        $outcome = $lookup->of($lead, $today);
        if ($outcome->candidates !== []) {
            return new JsonResponse(['choice' => array_map(static fn (Candidate $one): array => $one->toArray(), $outcome->candidates)]);
        }
        if ($outcome->citation !== null && ($input['take'] ?? '') !== 'citation') {
            return new JsonResponse(['compared' => Presenter::compared($lead, $outcome->citation, $owner->styleInUse())]);
        }
        $records = [];
        foreach ($outcome->citation !== null ? [$outcome->citation] : $outcome->readings as $n => $reading) {
            $records[] = Intake::add($owner, $reading, $n === 0 ? $id : (string) Str::ulid(), $lead, $today, ($input['take'] ?? '') === 'whole' ? ['whole-or-part'] : []);
        }

        return count($records) === 1
            ? new JsonResponse(Presenter::source($records[0], $owner->styleInUse()), 201)
            : new JsonResponse(['added' => array_map(static fn (SourceRecord $record): string => $record->id, $records)], 201);
    }

    /** Looks a source up again: what was found is renewed, what stands in the fields is not touched. */
    public function again(Request $request, string $paper, string $source, Lookup $lookup): JsonResponse
    {
        $input = $request->validate(['today' => ['required', 'date_format:Y-m-d']]);
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));
        $record = SourceRecord::query()->where('paper_id', $owner->id)->findOrFail(strtoupper($source));
        $lead = (string) ($record->reading['lead'] ?? $record->source()->container()->url);
        $outcome = $lookup->of($lead, PartialDate::parse($input['today'])->words(), true);
        $reading = $outcome->citation ?? $outcome->readings[0] ?? abort(422, 'There are several to choose from. Look for it again in the box above, and choose from the list.');
        $hadFailed = in_array('lookup-failed', array_column($record->reading['remarks'] ?? [], 'id'), true);
        if ($reading->failure() !== '' && $record->reading !== null && ! $hadFailed) {
            // What was found the last time is worth more than the news that it cannot be found now.
            throw new LookupFailed($reading->failure().' What was found before is kept.');
        }
        $kept = ReadingRecord::of($reading, $lead);
        $kept['reading']['settled'] = $record->reading['settled'] ?? [];
        $record->update([...$kept, 'version' => $record->version + 1]);

        return new JsonResponse(Presenter::source($record, $owner->styleInUse()));
    }
}
