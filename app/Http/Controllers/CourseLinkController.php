<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Courses\HandIns;
use Bibrel\App\Exceptions\NoSuchLink;
use Bibrel\App\Http\Resources\CourseResource;
use Bibrel\App\Http\Resources\SettingsResource;
use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\HandIn;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\PaperChanges;
use Bibrel\App\Papers\Save;
use Bibrel\App\Sharing\LinkToken;
use Bibrel\Core\Mix\Asked;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A student's side of a course: what it asks, beginning a paper for it, handing it in. */
final class CourseLinkController
{
    private const GONE = 'This course is no longer there. Ask your teacher for its link.';

    public function __construct(private readonly PaperChanges $papers)
    {
    }

    public function show(string $token, #[CurrentUser] Guest $guest): JsonResponse
    {
        $course = self::course($token);

        return new JsonResponse([
            ...CourseResource::told($course),
            'teacher' => Guest::names([$course->guest_id])[$course->guest_id],
            'papers' => $guest->papers()->where('course_id', $course->id)->get(['id', 'title'])->map(
                static fn (Paper $paper): array => ['id' => $paper->id, 'title' => $paper->title],
            ),
        ]);
    }

    /** Begins a paper as the course wants it, under the id the browser made. */
    public function begin(Request $request, string $token, #[CurrentUser] Guest $guest): JsonResponse
    {
        $course = self::course($token);
        $id = $request->validate(['id' => ['required', 'ulid']])['id'];
        $guest->arrive();
        $begun = $guest->papers()->find((string) $id);
        if ($begun instanceof Paper) {
            return (new SettingsResource($begun))->response();
        }
        $paper = $this->papers->save($id, new Save(0, $guest->id), [
            'title' => '',
            'class_name' => mb_substr($course->title, 0, 120),
            'due_on' => $course->due_on?->toDateString(),
            'question' => '',
            'style' => $course->style,
            'surname' => '',
            'course' => $course->rules,
            'asked' => (new Asked)->toArray(),
        ]);

        return $this->belongs($paper, $course);
    }

    /** A paper that is there already is for this course from now on. */
    public function join(Request $request, Paper $paper): JsonResponse
    {
        return $this->belongs($paper, self::course((string) $request->input('token')));
    }

    /** It is for no course any more; what was handed in stays handed in. */
    public function leave(Paper $paper): SettingsResource
    {
        return new SettingsResource($this->papers->ofCourse($paper, null));
    }

    public function handIn(Request $request, Paper $paper, #[CurrentUser] Guest $guest, HandIns $handIns): JsonResponse
    {
        $said = $request->validate(
            ['id' => ['required', 'ulid'], 'name' => ['required', 'string', 'max:80']],
            ['name.required' => 'Write your name, so that your teacher knows whose paper it is.'],
        );
        abort_if($paper->courseInUse() === null, 422, 'This paper is for no course. Open the link your teacher gave you '
            .'first.');
        $handIn = $handIns->give($paper, $said['id'], $guest->id, trim($said['name']));

        return new JsonResponse(self::told($handIn), $handIn->wasRecentlyCreated ? 201 : 200);
    }

    public function handIns(Paper $paper): JsonResponse
    {
        $all = HandIn::query()->where('paper_id', $paper->id)->latest()->get(['id', 'course_id', 'name', 'created_at']);

        return new JsonResponse($all->map(self::told(...)));
    }

    private function belongs(Paper $paper, Course $course): JsonResponse
    {
        return (new SettingsResource($this->papers->ofCourse($paper, $course->id)))->response();
    }

    /** @return array<string, mixed> */
    private static function told(HandIn $handIn): array
    {
        return ['id' => $handIn->id, 'name' => $handIn->name, 'at' => $handIn->created_at->toIso8601String()];
    }

    private static function course(string $token): Course
    {
        $course = LinkToken::mayBe($token) ? Course::query()->where('token', $token)->first() : null;

        return $course ?? throw new NoSuchLink(self::GONE);
    }
}
