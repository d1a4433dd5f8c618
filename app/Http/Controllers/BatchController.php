<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Jobs\LookUpLead;
use Bibrel\App\Lookup\Lead;
use Bibrel\App\Models\Batch;
use Bibrel\App\Models\BatchLead;
use Bibrel\Core\Source\PartialDate;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Several leads at once: put on the queue, watched, and tried again line by line. */
final class BatchController
{
    private const MOST = 200;

    public function store(Request $request, string $paper): JsonResponse
    {
        $input = $request->validate([
            'id' => ['required', 'ulid'],
            'leads' => ['required', 'string', 'max:400000'],
            'today' => ['required', 'date_format:Y-m-d'],
        ]);
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));
        $id = strtoupper($input['id']);
        $known = Batch::query()->with('leads')->find($id);
        if ($known !== null) {
            abort_if($known->paper_id !== $owner->id, 404);

            return new JsonResponse(self::shown($known));
        }
        $lines = Lead::lines($input['leads']);
        abort_if($lines === [], 422, 'These are not several leads. Put one on each line.');
        abort_if(count($lines) > self::MOST, 422, 'That is more than '.self::MOST.' lines. Paste them in parts.');
        $batch = DB::transaction(static function () use ($owner, $id, $lines, $input): Batch {
            $batch = Batch::query()->create(['id' => $id, 'paper_id' => $owner->id, 'today' => PartialDate::parse($input['today'])->words()]);
            BatchLead::query()->insert(array_map(static fn (string $line, int $place): array => ['batch_id' => $id, 'place' => $place, 'lead' => $line, 'state' => 'waiting', 'sentence' => ''], $lines, array_keys($lines)));

            return $batch;
        });
        foreach ($batch->leads()->get() as $lead) {
            LookUpLead::dispatch($lead->id);
        }

        return new JsonResponse(self::shown($batch->load('leads')), 201);
    }

    public function show(Request $request, string $paper, string $batch): JsonResponse
    {
        return new JsonResponse(self::shown($this->find($request, $paper, $batch)));
    }

    /** Looks a line up again that failed. */
    public function retry(Request $request, string $paper, string $batch, int $place): JsonResponse
    {
        $found = $this->find($request, $paper, $batch);
        $lead = $found->leads()->where('place', $place)->firstOrFail();
        if ($lead->state === 'failed') {
            $lead->update(['state' => 'waiting', 'sentence' => '']);
            LookUpLead::dispatch($lead->id);
        }

        return new JsonResponse(self::shown($found->load('leads')));
    }

    private function find(Request $request, string $paper, string $batch): Batch
    {
        $owner = Papers::of($request)->findOrFail(strtoupper($paper));

        return Batch::query()->with('leads')->where('paper_id', $owner->id)->findOrFail(strtoupper($batch));
    }

    /** @return array<string, mixed> */
    private static function shown(Batch $batch): array
    {
        return [
            'id' => $batch->id,
            'leads' => $batch->leads->map(static fn (BatchLead $lead): array => ['place' => $lead->place, 'lead' => $lead->lead, 'state' => $lead->state, 'sentence' => $lead->sentence, 'source' => $lead->source_id])->all(),
        ];
    }
}
