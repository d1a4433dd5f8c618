<?php

declare(strict_types=1);

namespace Bibrel\App\Sharing;

use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The one place that writes comments; each raises its paper's revision, so that the others see it. */
final class Comments
{
    /**
     * @param  array{source_id: ?string, field: string, answers: ?string, text: string}  $said
     *
     * @throws ModelNotFoundException<Comment>|ModelNotFoundException<SourceRecord>
     * @throws AuthorizationException where it is somebody else's
     */
    public function say(Paper $paper, string $by, string $id, array $said, ?string $handIn = null): Comment
    {
        $known = Comment::withTrashed()->find($id);
        if ($known !== null) {
            $known->paper_id === $paper->id ?: throw (new ModelNotFoundException)->setModel(Comment::class, [$id]);
            $this->demandOwn($known, $by);
            $known->update(['text' => $said['text']]);
            $paper->raise();

            return $known;
        }
        if ($said['answers'] !== null) {
            // An answer stands where what it answers stands.
            $answered = Comment::query()->where(['paper_id' => $paper->id, 'answers' => null])->findOrFail($said['answers']);
            $said = [...$said, 'source_id' => $answered->source_id, 'field' => $answered->field];
            $handIn = $answered->hand_in_id;
        } elseif ($said['source_id'] !== null) {
            SourceRecord::withTrashed()->where('paper_id', $paper->id)->findOrFail($said['source_id']);
        }
        $comment = Comment::query()->create([
            'id' => $id, 'paper_id' => $paper->id, 'guest_id' => $by, 'hand_in_id' => $handIn, ...$said,
        ]);
        $paper->raise();

        return $comment;
    }

    /** @param  ?string  $by  who settles it; null opens it again */
    public function settle(Paper $paper, Comment $comment, ?string $by): void
    {
        $comment->update(['resolved_at' => $by === null ? null : now(), 'resolved_by' => $by]);
        $paper->raise();
    }

    /** @throws AuthorizationException where it is neither their comment nor their paper */
    public function remove(Paper $paper, Comment $comment, string $by): void
    {
        $paper->guest_id === $by || $this->demandOwn($comment, $by);
        $comment->delete();
        $paper->raise();
    }

    /** @throws AuthorizationException where it is neither their comment nor their paper */
    public function bringBack(Paper $paper, Comment $comment, string $by): void
    {
        $paper->guest_id === $by || $this->demandOwn($comment, $by);
        $comment->restore();
        $paper->raise();
    }

    private function demandOwn(Comment $comment, string $by): bool
    {
        return $comment->guest_id === $by ?: throw new AuthorizationException('Somebody else said that.');
    }
}
