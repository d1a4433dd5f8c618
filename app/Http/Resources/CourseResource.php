<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Course;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A course for its teacher.
 *
 * @property-read Course $resource
 */
final class CourseResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $course = $this->resource;

        return [
            ...self::told($course),
            'address' => "/c/{$course->token}",
            'version' => $course->version,
            'papers' => (int) ($course->getAttribute('papers_count') ?? 0),
            'handedIn' => (int) ($course->getAttribute('handed_in') ?? 0),
            ...($course->removed_at === null ? [] : ['removedAt' => $course->removed_at->toIso8601String()]),
        ];
    }

    /** @return array<string, mixed> what its students know of it, too */
    public static function told(Course $course): array
    {
        return [
            'id' => $course->id,
            'title' => $course->title,
            'dueOn' => $course->due_on?->toDateString(),
            'note' => $course->note,
            'style' => $course->style,
            'rules' => $course->courseRules()->toArray(),
            'asked' => $course->asked()->toArray(),
        ];
    }
}
