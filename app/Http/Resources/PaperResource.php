<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Check\Check;
use Bibrel\Core\Source\Source;
use Illuminate\Http\Request;

/** A paper with its sources and the page they make. */
final class PaperResource extends SettingsResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            ...parent::toArray($request),
            'sources' => $this->sources($request),
            'page' => new PageResource($this->resource->page(), $this->resource->styleInUse()),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function sources(Request $request): array
    {
        $records = $this->resource->sources;
        $doubles = Check::doubles(
            array_values($records->map(static fn (SourceRecord $one): Source => $one->source())->all()),
        );
        $style = $this->resource->styleInUse();
        $shown = [];
        foreach ($records as $record) {
            $one = (new SourceResource($record, $style))->toArray($request);
            if (isset($doubles[$record->id])) {
                $one['issues'][] = $doubles[$record->id]->toArray();
            }
            $shown[] = $one;
        }

        return $shown;
    }
}
