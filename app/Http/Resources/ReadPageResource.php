<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Paper;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A finished page for somebody who only reads it. What is kept off it is nobody else's.
 *
 * @property-read Paper $resource
 */
final class ReadPageResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $paper = $this->resource;
        $style = $paper->styleInUse();
        $course = $paper->courseRules();
        $head = $paper->runningHead();

        return [
            'title' => $paper->title,
            'style' => $style->label(),
            'size' => $course->paper->value,
            'firstPage' => $course->firstPage,
            'head' => ['text' => $head->text, 'atLeft' => $head->atLeft],
            'page' => ['leftOut' => []] + (new PageResource($paper->page(), $style))->toArray($request),
        ];
    }
}
