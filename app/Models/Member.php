<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody who came to a paper by a share.
 *
 * @property string $id a ULID
 * @property string $share_id
 * @property string $paper_id
 * @property string $guest_id
 * @property ?Carbon $left_at
 * @property Carbon $created_at
 * @property-read Share $share
 */
final class Member extends Model
{
    use HasClientMadeId;

    public const UPDATED_AT = null;

    /** @var array<string, string> */
    protected $casts = ['left_at' => 'datetime', 'created_at' => 'datetime'];

    /** @return BelongsTo<Share, $this> */
    public function share(): BelongsTo
    {
        return $this->belongsTo(Share::class, 'share_id');
    }
}
