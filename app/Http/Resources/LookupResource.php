<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\LookupRecord;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A look-up, how far it is, and what it came to.
 *
 * @property-read LookupRecord $resource
 */
final class LookupResource extends JsonResource
{
    /** As much of a lead as a list shows; a pasted file may be long. */
    private const LEAD = 4000;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $lookup = $this->resource;

        return [
            'id' => $lookup->id,
            'lead' => mb_substr($lookup->lead, 0, self::LEAD),
            'batch' => $lookup->batch_id,
            'state' => $lookup->state->value,
            'reason' => $lookup->reason?->value,
            'sentence' => $lookup->sentence,
            'source' => $lookup->source_id,
            'again' => $lookup->again,
            'choice' => $lookup->found['choice'] ?? null,
            'compared' => $lookup->found['compared'] ?? null,
            'added' => $lookup->found['added'] ?? null,
            'left' => count($lookup->found['left'] ?? []),
        ];
    }
}
