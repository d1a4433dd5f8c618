<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\EarlierState;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * An earlier state, shown as what it would put on the page.
 *
 * @property-read EarlierState $resource
 */
final class EarlierStateResource extends JsonResource
{
    public function __construct(
        EarlierState $state,
        private readonly Style $style,
        private readonly CourseRules $course,
        private readonly string $by,
    ) {
        parent::__construct($state);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $earlier = $this->resource;

        return [
            'id' => $earlier->id,
            'cause' => $earlier->cause->value,
            'at' => $earlier->created_at->toIso8601String(),
            'by' => $this->by,
            'shown' => $earlier->subject_type === 'source' ? $this->entry() : $this->settings(),
        ];
    }

    private function entry(): string
    {
        $source = Source::fromArray($this->resource->state['data'], Kinds::all());

        return Inline::text($this->style->entry($source, $this->course, new EntryContext));
    }

    private function settings(): string
    {
        $state = $this->resource->state;

        return implode(' · ', array_filter([
            ($state['title'] ?? '') ?: 'Paper without a title',
            (Styles::all()[$state['style'] ?? ''] ?? null)?->label(),
            $state['surname'] ?? '',
        ]));
    }
}
