<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Courses\CourseTable;
use Bibrel\App\Courses\HandIns;
use Bibrel\App\Http\Requests\SaveCourse;
use Bibrel\App\Http\Requests\SayComment;
use Bibrel\App\Http\Resources\CommentResource;
use Bibrel\App\Http\Resources\CourseResource;
use Bibrel\App\Http\Resources\ReadPageResource;
use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\HandIn;
use Bibrel\App\Papers\Weighing;
use Bibrel\App\Sharing\Comments;
use Bibrel\App\Sharing\LinkToken;
use Bibrel\Core\Mix\Answer;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A teacher's courses, and what is handed in to them. */
final class CourseController
{
    public function index(#[CurrentUser] Guest $guest): JsonResponse
    {
        $handedIn = static fn ($query) => $query->selectRaw('count(distinct paper_id)');
        $courses = $guest->courses()->withCount(['papers', 'handIns as handed_in' => $handedIn]);
        $removed = $guest->courses()->onlyTrashed()->latest('removed_at')->get();

        return new JsonResponse([
            'courses' => CourseResource::collection($courses->latest('updated_at')->get()),
            'removed' => CourseResource::collection($removed),
        ]);
    }

    /** Makes or changes a course under the id the browser made. */
    public function put(SaveCourse $request, #[CurrentUser] Guest $guest, string $id): JsonResponse
    {
        $known = Course::withTrashed()->find($id);
        if ($known === null) {
            $guest->arrive();
            $course = Course::query()->create([
                ...$request->wanted(), 'id' => $id, 'guest_id' => $guest->id, 'token' => LinkToken::make(), 'version' => 1,
            ]);

            return (new CourseResource($course))->response()->setStatusCode(201);
        }
        abort_if($known->guest_id !== $guest->id || $known->trashed(), 404);
        abort_if($known->version !== $request->integer('version'), 409, 'This course was changed in another tab '
            .'meanwhile. Reload the page to see how it is now.');
        $known->update([...$request->wanted(), 'version' => $known->version + 1]);

        return (new CourseResource($known))->response();
    }

    public function show(Course $course, CourseTable $table): JsonResponse
    {
        return new JsonResponse(['course' => new CourseResource($course), ...$table->of($course)]);
    }

    public function remove(Course $course): Response
    {
        $course->delete();

        return new Response(status: 204);
    }

    public function restore(Course $course): CourseResource
    {
        $course->restore();

        return new CourseResource($course);
    }

    /** What somebody handed in, to be read. */
    public function handIn(Course $course, HandIn $handIn): JsonResponse
    {
        $paper = HandIns::paper($handIn);
        $weighing = Weighing::of($paper);
        $said = $this->remarks($course, $handIn)->orderBy('created_at')->orderBy('id')->get();
        $all = $course->handIns()->where('paper_id', $handIn->paper_id)->oldest()->get(['id', 'created_at']);

        return new JsonResponse([
            'id' => $handIn->id,
            'name' => $handIn->name,
            'at' => $handIn->created_at->toIso8601String(),
            'states' => $all->map(static fn (HandIn $one): array => [
                'id' => $one->id, 'at' => $one->created_at->toIso8601String(),
            ]),
            'question' => $paper->question,
            ...(new ReadPageResource($paper))->resolve(),
            'answers' => array_map(
                static fn (Answer $one): array => $one->toArray(),
                $weighing->answers($course->asked()),
            ),
            'comments' => CommentResource::all($said),
        ]);
    }

    /** @return Builder<Comment> what is said of a paper as it was handed in to this course, and to no other */
    private function remarks(Course $course, HandIn $handIn): Builder
    {
        $remarks = Comment::query()->where('paper_id', $handIn->paper_id);
        $remarks->whereIn('hand_in_id', $course->handIns()->select('id'));

        return $remarks;
    }

    /** The teacher says something of what was handed in. */
    public function comment(
        SayComment $request,
        Course $course,
        HandIn $handIn,
        string $id,
        #[CurrentUser] Guest $guest,
        Comments $comments,
    ): JsonResponse {
        $paper = $handIn->paper()->withTrashed()->firstOrFail();
        $said = $comments->say($paper, $guest->id, $id, $request->said(), $handIn->id);

        return new JsonResponse(CommentResource::all(collect([$said]))[0], $said->wasRecentlyCreated ? 201 : 200);
    }

    /** Takes back what the teacher said. */
    public function removeComment(
        Course $course,
        HandIn $handIn,
        string $id,
        #[CurrentUser] Guest $guest,
        Comments $comments,
    ): Response {
        $comment = $this->remarks($course, $handIn)->findOrFail($id);
        $comments->remove($handIn->paper()->withTrashed()->firstOrFail(), $comment, $guest->id);

        return new Response(status: 204);
    }
}
