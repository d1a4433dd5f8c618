<?php

declare(strict_types=1);

namespace Bibrel\App\People;

use Bibrel\App\Models\Account;
use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\HandIn;
use Bibrel\App\Models\Member;
use Bibrel\App\Models\Paper;
use Illuminate\Support\Facades\DB;

/** Deletes accounts whose day to think is over, with everything that is theirs. */
final class Leaving
{
    /** Hours between saying so and its being done. */
    public const HOURS_TO_THINK = 24;

    /** @return int how many accounts are gone */
    public function now(): int
    {
        $due = Account::query()->where('leaves_at', '<=', now())->pluck('id');
        foreach ($due as $id) {
            DB::transaction(static function () use ($id): void {
                Paper::withTrashed()->where('guest_id', $id)->forceDelete();
                Course::withTrashed()->where('guest_id', $id)->forceDelete();
                Comment::withTrashed()->where('guest_id', $id)->forceDelete();
                HandIn::query()->where('guest_id', $id)->delete();
                Member::query()->where('guest_id', $id)->delete();
                DB::table('password_reset_tokens')
                    ->where('email', Account::query()->whereKey($id)->value('email'))->delete();
                Account::query()->whereKey($id)->delete();
                Guest::query()->whereKey($id)->delete();
            });
        }

        return $due->count();
    }
}
