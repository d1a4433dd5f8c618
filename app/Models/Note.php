<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\Core\Note\Note as Noted;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A note on a source of a paper, or on the paper itself, as it is kept.
 *
 * @property string $id a ULID the browser made
 * @property string $paper_id
 * @property ?string $source_id
 * @property array<string, mixed> $data its JSON shape
 * @property int $place in the paper's own order
 * @property int $version
 * @property ?string $last_save
 * @property ?string $last_tab
 * @property ?string $changed_by
 * @property ?Carbon $updated_at
 * @property ?Carbon $removed_at
 * @property-read Paper $paper
 */
final class Note extends Model implements Revisable
{
    use HasClientMadeId;
    use KeepsEarlierStates;
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    /** @var array<string, string> */
    protected $casts = ['data' => 'array', 'place' => 'integer', 'version' => 'integer', 'removed_at' => 'datetime'];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }

    public function subjectType(): string
    {
        return 'note';
    }

    /** @return array<string, mixed> */
    public function state(): array
    {
        return $this->only(['data', 'source_id']);
    }

    public function noted(): Noted
    {
        return Noted::fromArray($this->data);
    }
}
