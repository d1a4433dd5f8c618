<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Exceptions\Removed;
use Bibrel\App\Exceptions\StaleVersion;
use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Source\PartOfBook;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\UniqueConstraintViolationException;

/**
 * The one place that changes a source: it locks the paper and the source, compares the version, writes, keeps how it
 * stood before, and raises the version and the paper's revision. Nothing else writes to the table of sources.
 */
final readonly class SourceChanges
{
    /** Rows written by one statement. */
    private const STEP = 100;

    public function __construct(private PaperChanges $papers, private History $history)
    {
    }

    /**
     * Makes a source or changes it; saying the same twice changes nothing.
     *
     * @param  array<string, mixed>  $data  the source's JSON shape
     * @param  ?list<string>  $dismissed  ids of issues that were put aside; null for what it was
     * @param  ?array<string, mixed>  $aside  the JSON shape of what was typed and not chosen
     *
     * @throws StaleVersion
     * @throws Removed
     * @throws PaperFull
     */
    public function save(
        Paper $paper,
        string $id,
        Save $save,
        array $data,
        ?array $dismissed = null,
        ?array $aside = null,
    ): SourceRecord {
        return $this->within($paper, function (Paper $paper) use ($id, $save, $data, $dismissed, $aside): SourceRecord {
            $known = $save->version === 0
                ? $this->made($paper, $id, $save, $data, $dismissed ?? [])
                : $this->locked($paper, $id, false);
            $known ??= $this->made($paper, $id, $save, $data, $dismissed ?? []) ?? $this->locked($paper, $id);
            if ($known->wasRecentlyCreated || ($save->id !== null && $known->last_save === $save->id)) {
                return $known;
            }
            $wanted = ['data' => MemberIds::given($data, $known->data), 'reading' => $known->reading];
            if ($dismissed !== null && ($known->reading !== null || $dismissed !== [])) {
                $wanted['reading'] = [...($known->reading ?? ReadingRecord::NONE), 'dismissed' => $dismissed];
            }
            $isNew = $known->state() != $wanted;
            if ($isNew && $known->version !== $save->version) {
                throw new StaleVersion($known);
            }
            if ($isNew) {
                $this->history->keep($known, Cause::Typed, $save->tab);
            }
            if ($aside !== null) {
                $data = MemberIds::given($aside, $known->data);
                $this->history->setAside($known, ['data' => $data, 'reading' => $known->reading]);
            }
            $by = ['last_save' => $save->id, 'last_tab' => $save->tab, 'changed_by' => $save->by];

            return $isNew ? $this->write($paper, $known, [...$wanted, ...$by]) : $known;
        });
    }

    /**
     * Takes new sources with their evidence into the paper, all or none.
     *
     * @param  list<array{
     *     id: string,
     *     data: array<string, mixed>,
     *     reading: ?array<string, mixed>,
     *     page_copy: ?list<mixed>,
     * }>  $prepared
     *
     * @throws Removed
     * @throws PaperFull
     */
    public function add(Paper $paper, array $prepared, string $by): void
    {
        $now = now()->format('Y-m-d H:i:s.v');
        $kept = static fn (mixed $value): string => json_encode($value, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
        $rows = array_map(static fn (array $one): array => [
            'id' => $one['id'],
            'paper_id' => $paper->id,
            'data' => $kept($one['data']),
            'reading' => $one['reading'] === null ? null : $kept($one['reading']),
            'page_copy' => $one['page_copy'] === null ? null : $kept($one['page_copy']),
            'version' => 1,
            'added_by' => $by,
            'changed_by' => $by,
            'created_at' => $now,
            'updated_at' => $now,
        ], $prepared);
        $this->within($paper, function (Paper $paper) use ($rows): void {
            $this->demandRoom($paper, count($rows));
            foreach (array_chunk($rows, self::STEP) as $some) {
                SourceRecord::query()->insert($some);
            }
            $paper->raise();
        });
    }

    /**
     * What was found is renewed; what stands in the fields is not touched.
     *
     * @param  array{reading: array<string, mixed>, page_copy: ?list<mixed>}  $kept
     *
     * @throws Removed
     */
    public function lookedUpAgain(Paper $paper, string $id, array $kept, string $by): SourceRecord
    {
        return $this->within($paper, function (Paper $paper) use ($id, $kept, $by): SourceRecord {
            $known = $this->locked($paper, $id);
            $this->history->keep($known, Cause::LookedUp, null, $known->page_copy ?? []);
            $kept['reading']['dismissed'] = $known->reading['dismissed'] ?? [];

            return $this->write($paper, $known, [...$kept, 'changed_by' => $by]);
        });
    }

    /**
     * The book is only where the source stands: one part of it was used.
     *
     * @throws StaleVersion
     * @throws Removed
     */
    public function makePart(Paper $paper, string $id, int $version, string $by): SourceRecord
    {
        return $this->within($paper, function (Paper $paper) use ($id, $version, $by): SourceRecord {
            $known = $this->locked($paper, $id);
            if ($known->version !== $version) {
                throw new StaleVersion($known);
            }
            $part = (new PartOfBook($known->source()))->source();
            $data = $part->toArray();
            unset($data['id']);
            $this->history->keep($known, Cause::MadePart);

            return $this->write($paper, $known, [
                'data' => MemberIds::given($data, $known->data),
                'reading' => $known->reading === null ? null : ReadingRecord::ofPart($known->reading, $part),
                'changed_by' => $by,
            ]);
        });
    }

    /** @throws Removed */
    public function goBack(Paper $paper, string $id, EarlierState $to, string $by): SourceRecord
    {
        return $this->within($paper, function (Paper $paper) use ($id, $to, $by): SourceRecord {
            $known = $this->locked($paper, $id);
            $since = EarlierState::of($known)->where('id', '>=', $to->id)->whereNotNull('page_copy')
                ->reorder('id')->first();
            $this->history->keep($known, Cause::WentBack, null, $since === null ? null : $known->page_copy ?? []);
            $state = array_intersect_key($to->state, ['data' => true, 'reading' => true]);

            $copy = $since === null ? [] : ['page_copy' => $since->page_copy];

            return $this->write($paper, $known, [...$state, ...$copy, 'changed_by' => $by]);
        });
    }

    /** @throws Removed */
    public function remove(Paper $paper, string $id): void
    {
        $this->within($paper, function (Paper $paper) use ($id): void {
            $this->locked($paper, $id)->delete();
            $paper->raise();
        });
    }

    /**
     * Removes several; those that are not there any more stay as they are.
     *
     * @param  list<string>  $ids
     *
     * @throws Removed
     */
    public function removeAll(Paper $paper, array $ids): void
    {
        $this->within($paper, function (Paper $paper) use ($ids): void {
            SourceRecord::query()->where('paper_id', $paper->id)->whereKey($ids)->delete();
            $paper->raise();
        });
    }

    /**
     * @param  list<string>  $ids
     *
     * @throws Removed
     * @throws PaperFull
     */
    public function restoreAll(Paper $paper, array $ids): void
    {
        $this->within($paper, function (Paper $paper) use ($ids): void {
            $removed = SourceRecord::onlyTrashed()->where('paper_id', $paper->id)->whereKey($ids);
            $this->demandRoom($paper, (clone $removed)->count());
            $removed->update([SourceRecord::DELETED_AT => null]);
            $paper->raise();
        });
    }

    /**
     * Moves several to another paper, with the notes on them.
     *
     * @param  list<string>  $ids
     *
     * @throws Removed
     * @throws PaperFull
     */
    public function move(Paper $from, Paper $to, array $ids): void
    {
        // Locked in one order, so that two moves the opposite way never wait for each other.
        [$first, $second] = strcmp($from->id, $to->id) < 0 ? [$from, $to] : [$to, $from];
        $this->within($first, fn (): mixed => $this->within($second, function () use ($from, $to, $ids): bool {
            $moved = SourceRecord::query()->where('paper_id', $from->id)->whereKey($ids);
            $this->demandRoom($to, (clone $moved)->count());
            Note::query()->where('paper_id', $from->id)->whereIn('source_id', (clone $moved)->pluck('id'))
                ->update(['paper_id' => $to->id]);
            $moved->update(['paper_id' => $to->id]);
            $from->raise();
            $to->raise();

            return true;
        }));
    }

    /**
     * @throws Removed where the paper itself was
     * @throws PaperFull
     */
    public function restore(Paper $paper, string $id): SourceRecord
    {
        return $this->within($paper, function (Paper $paper) use ($id): SourceRecord {
            $known = SourceRecord::withTrashed()->where('paper_id', $paper->id)->lockForUpdate()->findOrFail($id);
            if ($known->trashed()) {
                $this->demandRoom($paper);
                $known->restore();
                $paper->raise();
            }

            return $known;
        });
    }

    /**
     * @template T
     *
     * @param  \Closure(Paper): T  $work
     * @return T
     */
    private function within(Paper $paper, \Closure $work): mixed
    {
        return $this->papers->within($paper->id, $work);
    }

    /**
     * @return ($must is true ? SourceRecord : ?SourceRecord)
     *
     * @throws Removed
     * @throws ModelNotFoundException<SourceRecord>
     */
    private function locked(Paper $paper, string $id, bool $must = true): ?SourceRecord
    {
        $known = SourceRecord::withTrashed()->lockForUpdate()->find($id);
        if ($known === null ? $must : $known->paper_id !== $paper->id) {
            throw (new ModelNotFoundException)->setModel(SourceRecord::class, [$id]);
        }

        return $known?->trashed() === true ? throw new Removed($known) : $known;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  list<string>  $dismissed
     * @return ?SourceRecord null where there is one with this id already
     */
    private function made(Paper $paper, string $id, Save $save, array $data, array $dismissed): ?SourceRecord
    {
        try {
            return $this->created($paper, [
                'id' => $id,
                'data' => MemberIds::given($data),
                'reading' => $dismissed === [] ? null : [...ReadingRecord::NONE, 'dismissed' => $dismissed],
                'last_save' => $save->id,
                'last_tab' => $save->tab,
                'added_by' => $save->by,
                'changed_by' => $save->by,
            ]);
        } catch (UniqueConstraintViolationException) {
            return null;
        }
    }

    /** @param  array<string, mixed>  $values */
    private function created(Paper $paper, array $values): SourceRecord
    {
        $this->demandRoom($paper);
        $source = SourceRecord::query()->create([...$values, 'paper_id' => $paper->id, 'version' => 1]);
        $paper->raise();

        return $source;
    }

    private function demandRoom(Paper $paper, int $for = 1): void
    {
        $most = (int) config('bibrel.limits.sources');
        if (SourceRecord::query()->where('paper_id', $paper->id)->count() + $for > $most) {
            throw new PaperFull($most);
        }
    }

    /** @param  array<string, mixed>  $values */
    private function write(Paper $paper, SourceRecord $source, array $values): SourceRecord
    {
        $source->update(['last_save' => null, 'last_tab' => null, ...$values, 'version' => $source->version + 1]);
        $paper->raise();

        return $source;
    }
}
