<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\SayComment;
use Bibrel\App\Http\Resources\CommentResource;
use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Sharing\Comments;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What is said of a paper's entries and fields. */
final class CommentController
{
    public function __construct(private readonly Comments $comments)
    {
    }

    public function index(Paper $paper): JsonResponse
    {
        return new JsonResponse(CommentResource::all($paper->comments()->orderBy('created_at')->orderBy('id')->get()));
    }

    /** Says something, or says it otherwise; the same twice is said once. */
    public function put(SayComment $request, Paper $paper, string $id, #[CurrentUser] Guest $guest): JsonResponse
    {
        $said = $this->comments->say($paper, $guest->id, $id, $request->said());

        return new JsonResponse(CommentResource::all(collect([$said]))[0], $said->wasRecentlyCreated ? 201 : 200);
    }

    /** What was said is settled, with all answers to it. */
    public function resolve(Paper $paper, Comment $comment, #[CurrentUser] Guest $guest): Response
    {
        $this->comments->settle($paper, $comment, $guest->id);

        return new Response(status: 204);
    }

    public function reopen(Paper $paper, Comment $comment): Response
    {
        $this->comments->settle($paper, $comment, null);

        return new Response(status: 204);
    }

    public function remove(Paper $paper, Comment $comment, #[CurrentUser] Guest $guest): Response
    {
        $this->comments->remove($paper, $comment, $guest->id);

        return new Response(status: 204);
    }

    public function restore(Paper $paper, Comment $comment, #[CurrentUser] Guest $guest): Response
    {
        $this->comments->bringBack($paper, $comment, $guest->id);

        return new Response(status: 204);
    }
}
