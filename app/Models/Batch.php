<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Several leads pasted at once, looked up one after the other in the background.
 *
 * @property string $id a ULID the browser made
 * @property string $paper_id
 * @property string $today the student's day, as one would write it
 * @property-read Paper $paper
 * @property-read Collection<int, BatchLead> $leads
 */
final class Batch extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    /** @var list<string> */
    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }

    /** @return HasMany<BatchLead, $this> */
    public function leads(): HasMany
    {
        $leads = $this->hasMany(BatchLead::class, 'batch_id');
        $leads->orderBy('place');

        return $leads;
    }
}
