<?php

declare(strict_types=1);

namespace Bibrel\App\Console;

use Bibrel\App\Models\Account;
use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Course;
use Bibrel\App\Models\DraftRecord;
use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\Presence;
use Bibrel\App\Models\SignIn;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\People\Leaving;
use Carbon\CarbonInterface;
use Illuminate\Console\Command;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** Removes what nobody can reach any more; docs/deployment.md says what is kept and how long. */
final class PruneCommand extends Command
{
    protected $signature = 'bibrel:prune';

    protected $description = 'Removes guests, bins, earlier states, look-ups and remembered answers that have had '
        .'their time';

    /** Rows a step: no lock is held for long. */
    private const STEP = 500;

    public function handle(Leaving $leaving): int
    {
        $gone = [
            'accounts' => $leaving->now(),
            'guests' => $this->guests(),
            'removed papers' => $this->pruned(Paper::onlyTrashed()->where('removed_at', '<', $this->ago('bins'))),
            'removed sources' => $this->pruned(
                SourceRecord::onlyTrashed()->where('removed_at', '<', $this->ago('bins')),
            ),
            'earlier states' => $this->pruned(EarlierState::query()->where('created_at', '<', $this->ago('states')))
                + $this->states('source', 'sources') + $this->states('paper', 'papers'),
            'removed notes' => $this->pruned(Note::onlyTrashed()->where('removed_at', '<', $this->ago('bins')))
                + $this->states('note', 'notes'),
            'removed comments' => $this->pruned(Comment::onlyTrashed()->where('removed_at', '<', $this->ago('bins'))),
            'removed drafts' => $this->pruned(DraftRecord::onlyTrashed()->where('removed_at', '<', $this->ago('drafts'))),
            'removed courses' => $this->pruned(Course::onlyTrashed()->where('removed_at', '<', $this->ago('bins'))),
            'tabs that are closed' => $this->pruned(Presence::query()->where('seen_at', '<', now()->subHour())),
            'sign-ins nobody used' => $this->pruned(SignIn::query()->where('seen_at', '<', $this->ago('guests'))),
            'look-ups' => $this->pruned(LookupRecord::query()->where('ended_at', '<', $this->ago('lookups'))),
            'failed jobs' => DB::table('failed_jobs')->where('failed_at', '<', now()->subWeek())->delete(),
            'remembered answers' => $this->answers(),
        ];
        foreach ($gone as $what => $count) {
            $this->line("{$count} {$what}");
        }

        return self::SUCCESS;
    }

    private function ago(string $what): CarbonInterface
    {
        return now()->subDays((int) config("bibrel.kept_days.{$what}"));
    }

    /** Guests whose cookie has run out, with all their papers. */
    private function guests(): int
    {
        $count = 0;
        // Whoever has an account comes back when they like.
        $gone = Guest::query()->where('seen_on', '<', $this->ago('guests'))
            ->whereNotIn('id', Account::query()->select('id'));
        while (($ids = (clone $gone)->limit(self::STEP)->pluck('id')->all()) !== []) {
            Paper::withTrashed()->whereIn('guest_id', $ids)->forceDelete();
            Course::withTrashed()->whereIn('guest_id', $ids)->forceDelete();
            $count += Guest::query()->whereKey($ids)->delete();
        }

        return $count;
    }

    /** @param  Builder<covariant Model>  $old */
    private function pruned(Builder $old): int
    {
        $count = 0;
        do {
            $step = (clone $old)->limit(self::STEP)->toBase()->delete();
            $count += $step;
        } while ($step === self::STEP);

        return $count;
    }

    /** States of what is no longer there itself. */
    private function states(string $type, string $table): int
    {
        return DB::affectingStatement(
            "delete states from earlier_states states left join {$table} kept on kept.id = states.subject_id
             where states.subject_type = ? and kept.id is null",
            [$type],
        );
    }

    /** The file store leaves expired entries where they are; each file begins with the second it expires at. */
    private function answers(): int
    {
        $folder = (string) config('cache.stores.file.path');
        $count = 0;
        foreach (is_dir($folder) ? File::allFiles($folder) : [] as $file) {
            $expires = (int) @file_get_contents($file->getPathname(), false, null, 0, 10);
            if ($expires > 0 && $expires < time()) {
                $count += (int) @unlink($file->getPathname());
            }
        }

        return $count;
    }
}
