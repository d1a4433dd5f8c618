<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Database\Factories\SourceRecordFactory;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A source as it is kept: its JSON shape, what looking it up found, and the text of the page it came from.
 *
 * @property string $id a ULID the browser made
 * @property string $paper_id
 * @property array<string, mixed> $data the source's JSON shape
 * @property ?array<string, mixed> $reading {lead, url, findings, issues, dismissed}
 * @property ?list<array{tag: string, text: string}> $page_copy
 * @property int $version
 * @property ?string $last_save
 * @property ?string $last_tab
 * @property ?string $added_by
 * @property ?string $changed_by
 * @property ?Carbon $updated_at
 * @property ?Carbon $removed_at
 * @property-read Paper $paper
 */
#[UseFactory(SourceRecordFactory::class)]
final class SourceRecord extends Model implements Revisable
{
    use HasClientMadeId;

    /** @use HasFactory<SourceRecordFactory> */
    use HasFactory;

    use KeepsEarlierStates;
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    public const WITHOUT_COPY = [
        'id', 'paper_id', 'data', 'reading', 'version', 'last_save', 'last_tab', 'added_by', 'changed_by', 'removed_at',
        'created_at', 'updated_at',
    ];

    protected $table = 'sources';

    private ?Source $made = null;

    /** The JSON it was made of. */
    private string $madeOf = '';

    /** @var array<string, string> */
    protected $casts = [
        'data' => 'array', 'reading' => 'array', 'page_copy' => 'array', 'version' => 'integer', 'removed_at' => 'datetime',
    ];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }

    public function subjectType(): string
    {
        return 'source';
    }

    /** @return array<string, mixed> */
    public function state(): array
    {
        return $this->only(['data', 'reading']);
    }

    public function source(): Source
    {
        // A list of sources asks for each several times.
        $kept = (string) ($this->attributes['data'] ?? '');
        if ($this->made === null || $this->madeOf !== $kept) {
            $this->made = Source::fromArray(['id' => $this->id] + $this->data, Kinds::all());
            $this->madeOf = $kept;
        }

        return $this->made;
    }

    /** What it is called in lists and messages. */
    public function name(): string
    {
        $source = $this->source();
        $people = array_map(static fn (Contributor $one): string => $one->name->direct(), $source->contributors);

        return strip_tags($source->title->main)
            ?: implode(', ', $people)
            ?: $source->container()->url
            ?: 'Source without a title';
    }
}
