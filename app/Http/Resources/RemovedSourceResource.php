<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\SourceRecord;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A source in its paper's bin.
 *
 * @property-read SourceRecord $resource
 */
final class RemovedSourceResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name(),
            'kind' => $this->resource->source()->kind->label,
            'removedAt' => $this->resource->removed_at?->toIso8601String(),
        ];
    }
}
