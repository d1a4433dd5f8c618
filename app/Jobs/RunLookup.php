<?php

declare(strict_types=1);

namespace Bibrel\App\Jobs;

use Bibrel\App\Exceptions\Removed;
use Bibrel\App\Http\Resources\ComparisonResource;
use Bibrel\App\Lookup\Candidate;
use Bibrel\App\Lookup\Lookup;
use Bibrel\App\Lookup\LookupFailed;
use Bibrel\App\Lookup\LookupQueue;
use Bibrel\App\Lookup\LookupState;
use Bibrel\App\Lookup\Outcome;
use Bibrel\App\Lookup\Reason;
use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Papers\AddSource;
use Bibrel\App\Papers\Doubles;
use Bibrel\App\Papers\PaperChanges;
use Bibrel\App\Papers\PaperFull;
use Bibrel\App\Papers\ReadingRecord;
use Bibrel\App\Papers\SourceChanges;
use Bibrel\Core\Read\Reading;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Queue\Queueable;

/** Carries out one look-up. Whatever happens to it, it ends in a state that tells, and the guest's next one begins. */
final class RunLookup implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 45;

    public bool $failOnTimeout = true;

    public function __construct(private readonly string $id)
    {
    }

    public function handle(
        Lookup $lookup,
        AddSource $add,
        Doubles $doubles,
        SourceChanges $sources,
        PaperChanges $papers,
        LookupQueue $queue,
    ): void {
        $taken = ['state' => LookupState::Working, 'started_at' => now()];
        if (LookupRecord::query()->whereKey($this->id)->where('state', LookupState::Queued)->update($taken) === 0) {
            return;
        }
        $record = LookupRecord::query()->with('paper')->findOrFail($this->id);
        try {
            $outcome = $lookup->of($record->lead, $record->today, $record->again);
            $renewed = $record->again ? $this->renewed($record, $outcome) : null;
            [$prepared, $end] = $renewed === null ? $this->settled($record, $outcome, $add, $doubles) : [[], [
                'state' => LookupState::Added,
                'sentence' => 'Looked up again. What stands in the fields was not changed.',
            ]];
            // What was stopped meanwhile adds nothing, and what is added stops being under way in the same step.
            $end += ['ended_at' => now()];
            $apply = static function () use ($record, $prepared, $renewed, $end, $sources): void {
                if ($record->refresh()->state !== LookupState::Working) {
                    return;
                }
                if ($renewed !== null) {
                    $sources->lookedUpAgain(
                        $record->paper,
                        (string) $record->source_id,
                        $renewed,
                        $record->guest_id,
                    );
                } elseif ($prepared !== []) {
                    $sources->add($record->paper, $prepared, $record->guest_id);
                }
                $record->update($end);
            };
            $papers->within($record->paper_id, $apply);
        } catch (LookupFailed $failure) {
            $this->fails($failure->reason, $failure->getMessage());
        } catch (PaperFull $full) {
            $this->fails(Reason::PaperFull, $full->getMessage());
        } catch (Removed|ModelNotFoundException) {
            $this->fails(Reason::SourceGone, 'What this was for was removed meanwhile. Bring it back, and try again.');
        } finally {
            $queue->advance($record->guest_id);
        }
    }

    public function failed(?\Throwable $problem): void
    {
        $this->fails(Reason::OwnFault, 'Something went wrong with this one, and the fault is ours. Try it again, or '
            .'fill in what you know by hand.');
        $guest = LookupRecord::query()->whereKey($this->id)->value('guest_id');
        if ($guest !== null) {
            app(LookupQueue::class)->advance((string) $guest);
        }
    }

    private function fails(Reason $reason, string $sentence): void
    {
        LookupRecord::query()->whereKey($this->id)->where('state', LookupState::Working)->update([
            'state' => LookupState::Failed,
            'reason' => $reason,
            'sentence' => mb_substr($sentence, 0, 1000),
            'ended_at' => now(),
        ]);
    }

    /**
     * What the outcome makes of the look-up.
     *
     * @return array{
     *     list<array{id: string, data: array<string, mixed>, reading: array<string, mixed>, page_copy: list<mixed>}>,
     *     array<string, mixed>,
     * } sources to be added, and the look-up's new values
     *
     * @throws LookupFailed
     */
    private function settled(LookupRecord $record, Outcome $outcome, AddSource $add, Doubles $doubles): array
    {
        if ($outcome->candidates !== []) {
            $choice = array_map(static fn (Candidate $one): array => $one->toArray(), $outcome->candidates);

            return [[], ['state' => LookupState::Choice, 'found' => ['choice' => $choice]]];
        }
        if ($outcome->citation !== null && $record->take !== 'citation') {
            $compared = new ComparisonResource($outcome->citation, $record->lead, $record->paper->styleInUse());

            return [[], ['state' => LookupState::Compared, 'found' => ['compared' => $compared->resolve()]]];
        }
        $readings = $outcome->citation !== null ? [$outcome->citation] : $outcome->readings;
        if ($record->batch_id !== null && $readings[0]->failure() !== '') {
            // Alone it would open a form with what is known; among many lines it waits in the list, to be tried again.
            throw LookupFailed::because($outcome->failure ?? Reason::NotFound, $readings[0]->failure());
        }
        $lead = count($readings) > 1 ? '' : $record->lead;
        $prepared = array_map(
            static fn (Reading $one): array => $add->prepared($one, $lead, $record->today, (string) $record->take),
            $readings,
        );

        if ($record->twice) {
            // Those of several that were left out the first time, or the one there was.
            $prepared = array_values(array_intersect_key($prepared, array_flip($record->found['left'] ?? [0])));
        } else {
            $there = $doubles->among($record->paper, $prepared);
            $left = array_keys(array_filter($prepared, static fn (array $one): bool => isset($there[$one['id']])));
            if (count($left) === count($prepared)) {
                return [[], [
                    'state' => LookupState::Double,
                    'source_id' => $there[$prepared[0]['id']],
                    'found' => count($left) > 1 ? ['left' => $left] : null,
                    'sentence' => count($left) > 1 ? 'All '.count($left).' are on this paper already.'
                        : 'It is on this paper already. Open it, or add it a second time.',
                ]];
            }
            $prepared = array_values(array_diff_key($prepared, array_flip($left)));
        }

        return [$prepared, [
            'state' => LookupState::Added,
            'reason' => $outcome->failure,
            'source_id' => $prepared[0]['id'],
            'found' => count($readings) > 1
                ? ['added' => count($prepared), 'left' => $left ?? []]
                : null,
            'sentence' => $this->told($readings, $outcome, count($prepared), count($left ?? [])),
        ]];
    }

    /** @param  list<Reading>  $readings */
    private function told(array $readings, Outcome $outcome, int $added, int $left): string
    {
        $failure = $readings[0]->failure();
        $looks = array_sum(array_map(static fn (Reading $one): int => count($one->issues), $readings));

        return match (true) {
            $failure !== '' => mb_substr($failure, 0, 1000),
            $left > 0 => "{$added} added. {$left} of ".count($readings).' are on this paper already and were left out.',
            count($readings) > 1 => "{$added} sources added.",
            $outcome->citation !== null => 'Taken from the citation as it stands. Check it against the source.',
            $looks === 1 => 'One thing to look at.',
            $looks > 1 => "{$looks} things to look at.",
            default => '',
        };
    }

    /**
     * What is found of a source that is looked up again.
     *
     * @return array{reading: array<string, mixed>, page_copy: list<mixed>}
     *
     * @throws LookupFailed
     */
    private function renewed(LookupRecord $record, Outcome $outcome): array
    {
        $reading = $outcome->citation ?? $outcome->readings[0] ?? throw LookupFailed::because(
            Reason::TooMany,
            'There are several to choose from. Look for it again in the box above, and choose from the list.',
        );
        if ($reading->failure() !== '') {
            // What was found the last time is worth more than the news that it cannot be found now.
            $sentence = $reading->failure().' What was found before is kept.';
            throw LookupFailed::because($outcome->failure ?? Reason::NotFound, $sentence);
        }

        return ReadingRecord::of($reading, $record->lead);
    }
}
