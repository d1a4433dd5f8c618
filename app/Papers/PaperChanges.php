<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Exceptions\Removed;
use Bibrel\App\Exceptions\StaleVersion;
use Bibrel\App\Models\Paper;
use Bibrel\App\Sharing\Right;
use Bibrel\App\Sharing\Rights;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** The one place that changes a paper and its settings: it locks, compares, writes and raises. */
final readonly class PaperChanges
{
    /** How often a transaction is tried again that ran into another one. */
    private const TRIES = 8;

    public function __construct(private History $history, private Rights $rights)
    {
    }

    /**
     * Makes a paper or changes its settings; saying the same twice changes nothing.
     *
     * @param  array<string, mixed>  $wanted  the settings, whole
     * @param  ?array<string, mixed>  $aside  settings that were typed and not chosen
     *
     * @throws StaleVersion
     * @throws Removed
     * @throws ModelNotFoundException<Paper> where the id is another guest's
     * @throws AuthorizationException where they share it and may not change it
     */
    public function save(string $id, Save $save, array $wanted, ?array $aside = null): Paper
    {
        // Made first and looked for after: a lock on what is not there would be a lock on the gap around it.
        if ($save->version === 0) {
            try {
                $made = ['id' => $id, 'guest_id' => $save->by, 'version' => 1, 'revision' => 1];

                return Paper::query()->create([...$made, ...self::saved($save), ...$wanted]);
            } catch (UniqueConstraintViolationException) {
                // It is there already: a repeat, or a second tab.
            }
        }

        return $this->within($id, function (Paper $paper) use ($save, $wanted, $aside): Paper {
            $this->rights->demand($save->by, $paper, Right::Edit);
            if ($save->id !== null && $paper->last_save === $save->id) {
                return $paper;
            }
            $wanted = self::withOwnRules($paper, $wanted);
            $isNew = $paper->state() != $wanted;
            if ($isNew && $paper->version !== $save->version) {
                throw new StaleVersion($paper);
            }
            if ($isNew) {
                $this->history->keep($paper, Cause::Typed, $save->tab);
            }
            if ($aside !== null) {
                $this->history->setAside($paper, $aside);
            }
            if (! $isNew) {
                return $paper;
            }
            $paper->update([
                ...$wanted,
                'version' => $paper->version + 1,
                'revision' => $paper->revision + 1,
                ...self::saved($save),
            ]);

            return $paper;
        });
    }

    /**
     * On a paper of a course the rules that come back are the course's; the student's own wait until it is for no course
     * any more. Only the number of the first sheet is always theirs.
     *
     * @param  array<string, mixed>  $wanted
     * @return array<string, mixed>
     */
    private static function withOwnRules(Paper $paper, array $wanted): array
    {
        return $paper->courseInUse() === null ? $wanted : [
            ...$wanted, 'course' => ['firstPage' => $wanted['course']['firstPage']] + $paper->course,
        ];
    }

    /** @return array<string, ?string> */
    private static function saved(Save $save): array
    {
        return ['last_save' => $save->id, 'last_tab' => $save->tab, 'changed_by' => $save->by];
    }

    /** @throws Removed where it was removed already */
    public function remove(Paper $paper): void
    {
        $this->within($paper->id, static function (Paper $paper): void {
            $paper->raise();
            $paper->delete();
        });
    }

    /** Takes a paper out of the bin; one that is not in it stays as it is. */
    public function restore(Paper $paper): Paper
    {
        return DB::transaction(static function () use ($paper): Paper {
            $locked = Paper::withTrashed()->lockForUpdate()->findOrFail($paper->id);
            if ($locked->trashed()) {
                $locked->restore();
                $locked->raise();
            }

            return $locked->refresh();
        }, self::TRIES);
    }

    /** @param  array<string, mixed>  $state the settings of an earlier state */
    public function goBack(Paper $paper, array $state, string $by): Paper
    {
        return $this->within($paper->id, function (Paper $paper) use ($state, $by): Paper {
            $this->history->keep($paper, Cause::WentBack);
            $again = array_intersect_key($state, array_flip(Paper::SETTINGS));
            $next = ['version' => $paper->version + 1, 'revision' => $paper->revision + 1];
            $paper->update([...$again, ...$next, 'changed_by' => $by, 'last_save' => null, 'last_tab' => null]);

            return $paper;
        });
    }

    /** @param  ?string  $course  the course it is for from now on */
    public function ofCourse(Paper $paper, ?string $course): Paper
    {
        return $this->within($paper->id, static function (Paper $paper) use ($course): Paper {
            $paper->update(['course_id' => $course, 'revision' => $paper->revision + 1]);

            return $paper->unsetRelation('courseOf');
        });
    }

    /**
     * Does work on the paper while nobody else changes it or anything on it.
     *
     * @template T
     *
     * @param  \Closure(Paper): T  $work
     * @return T
     *
     * @throws Removed
     * @throws ModelNotFoundException<Paper>
     * @throws \Throwable what the work throws
     */
    public function within(string $id, \Closure $work): mixed
    {
        return DB::transaction(static function () use ($id, $work): mixed {
            /** @var Paper $paper */
            $paper = Paper::withTrashed()->lockForUpdate()->findOrFail($id);

            return $paper->trashed() ? throw new Removed($paper) : $work($paper);
        }, self::TRIES);
    }
}
