<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Guest;
use Bibrel\App\Papers\SourcePoints;
use Bibrel\App\Sharing\Company;
use Bibrel\App\Sharing\Right;
use Bibrel\App\Sharing\Rights;
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
            ...$this->company($request),
            'sources' => $sources,
            'page' => new PageResource($page, $style),
        ];
    }

    /** @return array<string, mixed> whose it is, what whoever asks may do with it, and what the others are called */
    private function company(Request $request): array
    {
        $paper = $this->resource;
        /** @var Guest $guest */
        $guest = $request->user();
        $isShared = $paper->guest_id !== $guest->id || app(Company::class)->isShared($paper);
        $people = $isShared ? Guest::names([
            $paper->guest_id,
            ...array_filter($paper->sources->pluck('added_by')->merge($paper->sources->pluck('changed_by'))->all()),
        ]) : [];

        return [
            'me' => $guest->id,
            'may' => (app(Rights::class)->of($guest->id, $paper) ?? Right::Read)->value,
            'owner' => $paper->guest_id === $guest->id ? '' : $people[$paper->guest_id],
            'isShared' => $isShared,
            'people' => (object) $people,
            'comments' => $paper->comments()->count(),
            'notes' => $paper->notes()->count(),
        ];
    }
}
