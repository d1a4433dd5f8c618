<?php

declare(strict_types=1);

namespace Bibrel\App\People;

use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\HandIn;
use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Models\Member;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\Presence;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** What a guest made in a browser becomes the account's, whole: papers, bins, courses, places on others' papers. */
final class TakeOver
{
    private const TRIES = 8;

    /**
     * Papers that somebody worked on; an example nobody touched stays where it is.
     *
     * @return Builder<Paper>
     */
    public static function worthTaking(string $guest): Builder
    {
        return Paper::withTrashed()
            ->where('guest_id', $guest)
            ->where(static fn (Builder $kept) => $kept->where('is_sample', false)->orWhere('revision', '>', 1));
    }

    /** @return int how many papers went along */
    public function give(string $guest, string $account): int
    {
        if ($guest === $account) {
            return 0;
        }

        return DB::transaction(static function () use ($guest, $account): int {
            Guest::query()->insertOrIgnore(['id' => $account, 'seen_on' => now()->toDateString()]);
            $name = (string) Guest::query()->whereKey($guest)->value('name');
            Guest::query()->whereKey($account)->where('name', '')->update(['name' => $name]);
            $taken = self::worthTaking($guest)->lockForUpdate()->pluck('id');
            Paper::withTrashed()->whereKey($taken)->update(['guest_id' => $account]);
            LookupRecord::query()->whereIn('paper_id', $taken)->update(['guest_id' => $account]);
            Course::withTrashed()->where('guest_id', $guest)->update(['guest_id' => $account]);
            // Where both had come by the same link, one place is enough.
            $doubles = Member::query()->where('guest_id', $account)->select('share_id');
            Member::query()->where('guest_id', $guest)->whereIn('share_id', $doubles)->delete();
            Member::query()->where('guest_id', $guest)->update(['guest_id' => $account]);
            // Nobody has a place on a paper that is their own.
            Member::query()->where('guest_id', $account)->whereIn('paper_id', $taken)->delete();
            Comment::withTrashed()->where('guest_id', $guest)->update(['guest_id' => $account]);
            HandIn::query()->where('guest_id', $guest)->update(['guest_id' => $account]);
            Presence::query()->where('guest_id', $guest)->update(['guest_id' => $account]);
            foreach (['papers' => ['changed_by'], 'sources' => ['added_by', 'changed_by']] as $table => $columns) {
                foreach ($columns as $column) {
                    DB::table($table)->where($column, $guest)->update([$column => $account]);
                }
            }

            return $taken->count();
        }, self::TRIES);
    }
}
