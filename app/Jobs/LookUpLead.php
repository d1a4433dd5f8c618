<?php

declare(strict_types=1);

namespace Bibrel\App\Jobs;

use Bibrel\App\Lookup\Lookup;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Lookup\Outcome;
use Bibrel\App\Models\BatchLead;
use Bibrel\App\Papers\Intake;
use Bibrel\Core\Read\Reading;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Str;

/** Looks up one line of a batch. Whatever happens to it, the line ends in a state and the batch goes on. */
final class LookUpLead implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 60;

    public function __construct(private readonly int $leadId)
    {
    }

    public function handle(Lookup $lookup): void
    {
        $lead = BatchLead::query()->with('batch.paper')->find($this->leadId);
        if ($lead === null || $lead->source_id !== null || $lead->batch->paper->removed_at !== null) {
            return;
        }
        $lead->update(['state' => 'working', 'sentence' => '']);
        try {
            $lead->update($this->settle($lead, $lookup->of($lead->lead, $lead->batch->today)));
        } catch (LookupFailed $failure) {
            $lead->update(['state' => 'failed', 'sentence' => mb_substr($failure->getMessage(), 0, 500)]);
        }
    }

    public function failed(?\Throwable $problem): void
    {
        BatchLead::query()->whereKey($this->leadId)->update(['state' => 'failed', 'sentence' => 'Something went wrong with this line. Try it again, or look it up alone.']);
    }

    /** @return array{state: string, sentence: string, source_id: ?string} */
    private function settle(BatchLead $lead, Outcome $outcome): array
    {
        if ($outcome->candidates !== [] && count($outcome->candidates) > 1) {
            return ['state' => 'look', 'sentence' => 'It may be one of '.count($outcome->candidates).' things. Choose the one you used.', 'source_id' => null];
        }
        $readings = $outcome->citation !== null ? [$outcome->citation] : $outcome->readings;
        $problem = $readings === [] ? '' : $readings[0]->failure();
        if ($problem !== '') {
            return ['state' => 'failed', 'sentence' => mb_substr($problem, 0, 500), 'source_id' => null];
        }
        $paper = $lead->batch->paper;
        $first = null;
        foreach ($readings as $reading) {
            $record = Intake::add($paper, $reading, (string) Str::ulid(), $lead->lead, $lead->batch->today);
            $first ??= $record->id;
        }
        if ($first === null) {
            return ['state' => 'look', 'sentence' => 'One thing was found. See whether it is the one.', 'source_id' => null];
        }
        $looks = array_sum(array_map(static fn (Reading $reading): int => count($reading->remarks), $readings));

        return match (true) {
            $outcome->citation !== null => ['state' => 'look', 'sentence' => 'Taken from the citation as it stands. Check it against the source.', 'source_id' => $first],
            $looks > 0 => ['state' => 'look', 'sentence' => $looks === 1 ? 'Added, with one thing to look at.' : "Added, with {$looks} things to look at.", 'source_id' => $first],
            default => ['state' => 'added', 'sentence' => count($readings) > 1 ? count($readings).' sources added.' : '', 'source_id' => $first],
        };
    }
}
