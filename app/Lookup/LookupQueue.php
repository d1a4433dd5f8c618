<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\App\Jobs\RunLookup;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;

/**
 * The look-ups of all guests, in their order, a few of each guest at a time. A look-up's row says how far it is; the
 * queue only carries it out. What the queue lost is told here, and can be tried again.
 */
final readonly class LookupQueue
{
    /** Seconds after which a look-up that was taken up must have ended. */
    private const WORKING = 60;

    /** Seconds after which one must have been taken up, while workers are there. */
    private const QUEUED = 600;

    public function __construct(private Workers $workers)
    {
    }

    /** @return Collection<int, LookupRecord> those of a paper that nobody has put away, in their order */
    public function of(Paper $paper): Collection
    {
        // A pasted file may be long, and the list is asked for again and again.
        $shown = ['id', 'batch_id', 'source_id', 'again', 'state', 'reason', 'sentence', 'found'];

        $listed = LookupRecord::query()->where('paper_id', $paper->id)->where('state', '!=', LookupState::Dismissed);
        $listed->select($shown)->selectRaw('left(lead, 4000) as lead');

        return $listed->orderBy('created_at')->orderBy('place')->orderBy('id')->get();
    }

    /**
     * @param  string  $id  a ULID; starting twice under one id starts once
     * @param  string  $today  the student's day, as one would write it
     * @return Collection<int, LookupRecord>
     *
     * @throws LookupFailed where what was pasted is no lead
     */
    public function start(
        Paper $paper,
        Guest $by,
        string $id,
        string $pasted,
        string $today,
        ?string $take,
    ): Collection {
        $limits = (array) config('bibrel.limits');
        $lines = Lead::lines($pasted, $limits['lines']);
        if ($lines === []) {
            Lookup::check(Lead::recognise($pasted));
            $lines = [$pasted];
        }
        $rows = array_map(static fn (string $line, int $place): array => [
            'id' => $place === 0 ? $id : (string) Str::ulid(),
            'paper_id' => $paper->id,
            'guest_id' => $by->id,
            'batch_id' => count($lines) > 1 ? $id : null,
            'place' => $place,
            'lead' => $line,
            'take' => $take,
            'today' => $today,
            'state' => LookupState::Waiting->value,
            'created_at' => now()->format('Y-m-d H:i:s.v'),
            'updated_at' => now()->format('Y-m-d H:i:s.v'),
        ], $lines, array_keys($lines));
        try {
            DB::transaction(function () use ($by, $rows, $limits): void {
                $this->alone($by->id);
                $open = LookupRecord::open()->where('guest_id', $by->id)->count();
                if ($open + count($rows) > $limits['open_lookups']) {
                    throw LookupFailed::because(Reason::TooMany, "{$open} of your look-ups are still under way. Wait "
                        .'until some of them have ended.');
                }
                LookupRecord::query()->insert([$rows[0]]);
                if (count($rows) > 1) {
                    $this->countBatch($by->id, $limits['batches_a_minute']);
                    LookupRecord::query()->insert(array_slice($rows, 1));
                }
            }, 5);
        } catch (UniqueConstraintViolationException) {
            // Started already; the rows are there.
        }
        $this->advance($by->id);

        return LookupRecord::query()->where('paper_id', $paper->id)
            ->where(static fn ($started) => $started->whereKey($id)->orWhere('batch_id', $id))
            ->orderBy('place')->get();
    }

    /** @throws LookupFailed for a source that was not looked up and has no address */
    public function startAgain(
        Paper $paper,
        Guest $by,
        SourceRecord $source,
        ?string $id,
        string $today,
    ): LookupRecord {
        $lead = (string) ($source->reading['lead'] ?? '') ?: $source->source()->container()->url;
        Lookup::check(Lead::recognise($lead));
        $lookup = LookupRecord::query()->create([
            'id' => $id ?? (string) Str::ulid(),
            'paper_id' => $paper->id,
            'guest_id' => $by->id,
            'source_id' => $source->id,
            'again' => true,
            'lead' => $lead,
            'today' => $today,
            'state' => LookupState::Waiting,
        ]);
        $this->advance($by->id);

        return $lookup->refresh();
    }

    public function retry(LookupRecord $lookup): void
    {
        $this->waitAgain($lookup, [LookupState::Failed, LookupState::Dismissed], []);
    }

    /** @param  ?string  $lead  looks up the one that was chosen; null for the lead as it is */
    public function choose(LookupRecord $lookup, ?string $lead, string $take): void
    {
        $values = ['take' => $take, ...($lead === null ? [] : ['lead' => $lead])];
        $this->waitAgain($lookup, [LookupState::Choice, LookupState::Compared, LookupState::Failed], $values);
    }

    /** Adds what is on the paper already all the same. */
    public function addTwice(LookupRecord $lookup): void
    {
        $this->waitAgain($lookup, [LookupState::Double, LookupState::Added], ['twice' => true]);
    }

    public function dismiss(LookupRecord $lookup): void
    {
        $lookup->update(['state' => LookupState::Dismissed, 'ended_at' => now()]);
        $this->advance($lookup->guest_id);
    }

    /** Puts away all of a paper's look-ups that have ended. */
    public function dismissEnded(Paper $paper): void
    {
        $open = [LookupState::Waiting, LookupState::Queued, LookupState::Working, LookupState::Dismissed];
        LookupRecord::query()->where('paper_id', $paper->id)->whereNotIn('state', $open)
            ->update(['state' => LookupState::Dismissed]);
    }

    /** Hands over as many of the guest's look-ups as may be under way at once, the oldest first. */
    public function advance(string $guest): void
    {
        $taken = DB::transaction(function () use ($guest): array {
            $this->alone($guest);
            $all = LookupRecord::query()->where('guest_id', $guest);
            $busy = (clone $all)->whereIn('state', [LookupState::Queued, LookupState::Working])->count();
            $free = max(0, (int) config('bibrel.lookup.of_one_guest') - $busy);
            $next = $free === 0 ? [] : (clone $all)->where('state', LookupState::Waiting)
                ->orderBy('created_at')->orderBy('place')->limit($free)->pluck('id')->all();
            if ($next !== []) {
                LookupRecord::query()->whereKey($next)->update(['state' => LookupState::Queued, 'queued_at' => now()]);
            }

            return $next;
        }, 5);
        foreach ($taken as $id) {
            RunLookup::dispatch($id);
        }
    }

    /** Ends what the queue has lost, with the reason, so that it can be tried again. */
    public function sweep(Paper $paper): void
    {
        $patience = $this->workers->areThere() ? self::QUEUED : self::WORKING;
        $of = static fn (LookupState $state) => LookupRecord::query()
            ->where('paper_id', $paper->id)->where('state', $state);
        $whose = LookupRecord::open()->where('paper_id', $paper->id)->distinct()->pluck('guest_id');
        $lost = $of(LookupState::Working)->where('started_at', '<', now()->subSeconds(self::WORKING))->update([
            'state' => LookupState::Failed,
            'reason' => Reason::Interrupted,
            'sentence' => 'Looking this up was interrupted. Nothing was added. Try it again.',
            'ended_at' => now(),
        ]);
        $lost += $of(LookupState::Queued)->where('queued_at', '<', now()->subSeconds($patience))->update([
            'state' => LookupState::Failed,
            'reason' => Reason::NotTakenUp,
            'sentence' => 'Looking things up stands still just now, so this was not begun. Try it again in a minute, '
                .'or fill in what you know by hand.',
            'ended_at' => now(),
        ]);
        if ($lost > 0) {
            $whose->each(fn (string $guest) => $this->advance($guest));
        }
    }

    /** One at a time for each guest, so that two requests never hand over more than may be under way. */
    private function alone(string $guest): void
    {
        Guest::query()->lockForUpdate()->find($guest) ?? Guest::known($guest)->arrive();
    }

    /**
     * @param  list<LookupState>  $from
     * @param  array<string, mixed>  $values
     */
    private function waitAgain(LookupRecord $lookup, array $from, array $values): void
    {
        LookupRecord::query()->whereKey($lookup->id)->whereIn('state', $from)->update([
            'state' => LookupState::Waiting,
            'reason' => null,
            'sentence' => '',
            'started_at' => null,
            'ended_at' => null,
            ...$values,
        ]);
        $this->advance($lookup->guest_id);
    }

    /**
     * @param  array{guest: int, address: int}  $most
     *
     * @throws ThrottleRequestsException
     */
    private function countBatch(string $guest, array $most): void
    {
        $limits = ["batches:{$guest}" => $most['guest'], 'batches:'.request()->ip() => $most['address']];
        foreach ($limits as $key => $limit) {
            if (! RateLimiter::attempt($key, $limit, static fn (): bool => true)) {
                throw new ThrottleRequestsException('', null, ['Retry-After' => RateLimiter::availableIn($key)]);
            }
        }
    }
}
