<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Course;
use Bibrel\App\Models\Paper;
use Bibrel\Core\Mix\Asked;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A paper without what is on it.
 *
 * @property-read Paper $resource
 */
class SettingsResource extends JsonResource
{
    public function __construct(Paper $paper)
    {
        parent::__construct($paper);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $paper = $this->resource;
        $head = $paper->runningHead();

        return [
            'id' => $paper->id,
            'title' => $paper->title,
            'style' => $paper->style,
            'className' => $paper->class_name,
            'dueOn' => $paper->due_on,
            'question' => $paper->question,
            'course' => $paper->courseRules()->toArray(),
            'asked' => Asked::fromArray($paper->asked ?? [])->toArray(),
            'asksSomething' => ! $paper->asked()->isEmpty(),
            'ofCourse' => self::course($paper->courseInUse()),
            'surname' => $paper->surname,
            'head' => ['text' => $head->text, 'atLeft' => $head->atLeft],
            'version' => $paper->version,
            'revision' => $paper->revision,
            ...($paper->hasAttribute('sources_count') ? [
                'count' => (int) $paper->getAttribute('sources_count'),
            ] : []),
            'updatedAt' => $paper->updated_at?->toIso8601String(),
            ...($paper->removed_at === null ? [] : ['removedAt' => $paper->removed_at->toIso8601String()]),
        ];
    }

    /** @return ?array<string, mixed> */
    private static function course(?Course $course): ?array
    {
        return $course === null ? null : CourseResource::told($course);
    }
}
