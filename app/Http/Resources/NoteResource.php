<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Note;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A note as it is saved.
 *
 * @property-read Note $resource
 */
final class NoteResource extends JsonResource
{
    /** @param  ?string  $departure  the words at which a quotation departs from the page copy */
    public function __construct(Note $note, private readonly ?string $departure = null)
    {
        parent::__construct($note);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $note = $this->resource;

        return [
            'id' => $note->id,
            'version' => $note->version,
            'note' => ['source' => $note->source_id] + $note->noted()->toArray(),
            'departure' => $this->departure,
        ];
    }
}
