<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Papers\SourcePoints;
use Bibrel\Core\Check\OpenPoints;
use Bibrel\Core\Page\Memory;
use Illuminate\Http\Request;

/** A paper with its sources and the page they make. */
final class PaperResource extends SettingsResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $paper = $this->resource;
        $page = $paper->page();
        $style = $paper->styleInUse();
        $points = (new SourcePoints($style))->ofSaved($paper->sources, app(Memory::class));
        $sources = [];
        foreach ($paper->sources as $record) {
            $first = $page->doubles[$record->id] ?? null;
            $all = $first === null ? $points[$record->id] : [
                ...$points[$record->id],
                ...OpenPoints::double($paper->source($first), $record->reading['dismissed'] ?? []),
            ];
            $sources[] = (new SourceResource($record, $style, $all))->toArray($request);
        }

        return [
            ...parent::toArray($request),
            'sources' => $sources,
            'page' => new PageResource($page, $style),
        ];
    }
}
