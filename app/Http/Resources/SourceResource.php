<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\SourcePoints;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A source as it is saved, with what was found and what is open on it.
 *
 * @property-read SourceRecord $resource
 */
final class SourceResource extends JsonResource
{
    /**
     * @param  ?list<array<string, mixed>>  $points  what is open on it, where that is known already
     * @param  ?int  $revision  of its paper, where somebody waits for it
     */
    public function __construct(
        SourceRecord $source,
        private readonly Style $style,
        private readonly ?array $points = null,
        private readonly ?int $revision = null,
    ) {
        parent::__construct($source);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $reading = $this->resource->reading;

        return [
            'id' => $this->resource->id,
            'version' => $this->resource->version,
            ...($this->revision === null ? [] : ['revision' => $this->revision]),
            'addedBy' => $this->resource->added_by,
            'changedBy' => $this->resource->changed_by,
            // What is kept was brought into the source's shape before it was.
            'source' => ['id' => $this->resource->id] + $this->resource->data,
            'reading' => $reading === null ? null : array_diff_key($reading, ['issues' => true]),
            'issues' => $this->points ?? (new SourcePoints($this->style))->of(
                $this->resource->source(),
                $reading,
                $reading['dismissed'] ?? [],
            ),
        ];
    }
}
