<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\App\Lookup\LookupState;
use Bibrel\App\Lookup\Reason;
use Bibrel\Database\Factories\LookupRecordFactory;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One lead on its way to a source: what was pasted, how far it is, and what became of it.
 *
 * @property string $id a ULID the browser made
 * @property string $paper_id
 * @property string $guest_id
 * @property ?string $batch_id shared by the lines that were pasted together
 * @property int $place among those
 * @property ?string $source_id what it became, or what is looked up again
 * @property bool $again
 * @property bool $twice whether it is added though it is on the paper already
 * @property string $lead
 * @property ?string $take what the student has decided already: citation, whole, part
 * @property string $today the student's day, as one would write it
 * @property LookupState $state
 * @property ?Reason $reason why it failed
 * @property string $sentence what to tell
 * @property ?array<string, mixed> $found {choice} or {compared}; for several records {added}, and {left}: the places of those
 *     that were on the paper already
 * @property ?Carbon $queued_at
 * @property ?Carbon $started_at
 * @property ?Carbon $ended_at
 * @property-read Paper $paper
 */
#[UseFactory(LookupRecordFactory::class)]
final class LookupRecord extends Model
{
    use HasClientMadeId;

    /** @use HasFactory<LookupRecordFactory> */
    use HasFactory;

    protected $table = 'lookups';

    /** @var array<string, string> */
    protected $casts = [
        'state' => LookupState::class, 'reason' => Reason::class, 'found' => 'array', 'again' => 'boolean', 'twice' => 'boolean', 'place' => 'integer',
        'queued_at' => 'datetime', 'started_at' => 'datetime', 'ended_at' => 'datetime',
    ];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }

    /** @return Builder<self> those that are under way or taken up next */
    public static function open(): Builder
    {
        return self::query()->whereIn('state', [LookupState::Waiting, LookupState::Queued, LookupState::Working]);
    }
}
