<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * Something somebody says of a paper, of an entry or of a field.
 *
 * @property string $id a ULID the browser made
 * @property string $paper_id
 * @property ?string $source_id null where it is about the paper
 * @property string $field the field's path; '' where it is about all of the entry
 * @property ?string $answers the comment it answers
 * @property ?string $hand_in_id what was handed in and is spoken of; the teacher sees no others
 * @property string $guest_id who says it
 * @property string $text
 * @property ?Carbon $resolved_at
 * @property ?string $resolved_by
 * @property Carbon $created_at
 * @property ?Carbon $removed_at
 */
final class Comment extends Model
{
    use HasClientMadeId;
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    /** @var array<string, string> */
    protected $casts = ['resolved_at' => 'datetime', 'removed_at' => 'datetime'];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }
}
