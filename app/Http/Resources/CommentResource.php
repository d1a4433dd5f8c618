<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Guest;
use Illuminate\Support\Collection;

/** Comments as the interface has them. */
final class CommentResource
{
    /**
     * @param  Collection<int, Comment>  $comments
     * @return list<array<string, mixed>>
     */
    public static function all(Collection $comments): array
    {
        $names = Guest::names($comments->pluck('guest_id')->all());

        return array_values($comments->map(static fn (Comment $one): array => [
            'id' => $one->id,
            'source' => $one->source_id,
            'field' => $one->field,
            'answers' => $one->answers,
            'by' => $one->guest_id,
            'name' => $names[$one->guest_id],
            'text' => $one->text,
            'at' => $one->created_at->toIso8601String(),
            'isResolved' => $one->resolved_at !== null,
            'ofHandIn' => $one->hand_in_id !== null,
        ])->all());
    }
}
