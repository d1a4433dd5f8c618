<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A source as it is kept: its JSON shape, what looking it up found, and the text of the page it came from.
 *
 * @property string $id a ULID the browser made
 * @property string $paper_id
 * @property array<string, mixed> $data the source's JSON shape
 * @property ?array<string, mixed> $reading {lead, url, findings, remarks, settled}
 * @property ?list<array{tag: string, text: string}> $page_copy
 * @property int $version
 * @property-read Paper $paper
 */
final class SourceRecord extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    public $incrementing = false;

    protected $table = 'sources';

    protected $keyType = 'string';

    /** @var list<string> */
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['data' => 'array', 'reading' => 'array', 'page_copy' => 'array', 'version' => 'integer', 'removed_at' => 'datetime'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }

    public function source(): Source
    {
        return Source::fromArray(['id' => $this->id] + $this->data, Kinds::all());
    }
}
