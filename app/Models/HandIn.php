<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A paper as it was handed in to a course; nothing changes it any more.
 *
 * @property string $id a ULID the browser made
 * @property string $course_id
 * @property string $paper_id
 * @property string $guest_id who handed it in
 * @property string $name what they are called there
 * @property array{settings: array<string, mixed>, sources: list<array<string, mixed>>} $state
 * @property Carbon $created_at
 */
final class HandIn extends Model
{
    use HasClientMadeId;

    public const UPDATED_AT = null;

    /** @var array<string, string> */
    protected $casts = ['state' => 'array', 'created_at' => 'datetime'];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }
}
