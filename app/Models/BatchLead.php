<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One line of a batch and what became of it: waiting, working, added, look (added or found, but wants a person), failed.
 *
 * @property int $id
 * @property string $batch_id
 * @property int $place
 * @property string $lead
 * @property string $state
 * @property string $sentence
 * @property ?string $source_id
 * @property-read Batch $batch
 */
final class BatchLead extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $guarded = [];

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class, 'batch_id');
    }
}
