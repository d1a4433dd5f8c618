<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A student's own draft as it was given last, and what they said of what was found in it.
 *
 * @property string $paper_id
 * @property string $name of the file; '' for pasted text
 * @property string $bytes
 * @property list<string> $settled keys of what was found and is settled
 * @property array<string, string> $meant ids of the sources that citations mean, by what the citations say
 * @property ?Carbon $removed_at
 * @property-read Paper $paper
 */
final class DraftRecord extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    public $incrementing = false;

    protected $table = 'drafts';

    protected $primaryKey = 'paper_id';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['settled' => 'array', 'meant' => 'array'];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }
}
