<?php

declare(strict_types=1);

namespace Bibrel\App\Notes;

use Bibrel\App\Exceptions\Removed;
use Bibrel\App\Exceptions\StaleVersion;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\Cause;
use Bibrel\App\Papers\History;
use Bibrel\App\Papers\PaperChanges;
use Bibrel\App\Papers\Save;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The one place that changes notes: it locks the paper, compares, writes and raises. */
final readonly class NoteChanges
{
    public function __construct(private PaperChanges $papers, private History $history)
    {
    }

    /**
     * Makes a note or changes it; saying the same twice changes nothing.
     *
     * @param  array{data: array<string, mixed>, source_id: ?string}  $wanted
     * @param  ?array<string, mixed>  $aside  what was typed and not chosen
     *
     * @throws StaleVersion
     * @throws Removed
     */
    public function save(Paper $paper, string $id, Save $save, array $wanted, ?array $aside = null): Note
    {
        return $this->papers->within($paper->id, function (Paper $paper) use ($id, $save, $wanted, $aside): Note {
            $by = ['last_save' => $save->id, 'last_tab' => $save->tab, 'changed_by' => $save->by];
            $known = Note::withTrashed()->lockForUpdate()->find($id);
            if ($known === null) {
                $place = 1 + (int) Note::query()->where('paper_id', $paper->id)->max('place');
                $known = Note::query()->create([
                    'id' => $id, 'paper_id' => $paper->id, 'place' => $place, 'version' => 1, ...$wanted, ...$by,
                ]);
                $paper->raise();

                return $known;
            }
            if ($known->paper_id !== $paper->id) {
                throw (new ModelNotFoundException)->setModel(Note::class, [$id]);
            }
            if ($known->trashed()) {
                throw new Removed($known);
            }
            if ($save->id !== null && $known->last_save === $save->id) {
                return $known;
            }
            if ($aside !== null) {
                $this->history->setAside($known, ['data' => $aside] + $known->state());
            }
            if ($known->state() == $wanted) {
                return $known;
            }
            if ($known->version !== $save->version) {
                throw new StaleVersion($known);
            }
            $this->history->keep($known, Cause::Typed, $save->tab);
            $known->update([...$wanted, ...$by, 'version' => $known->version + 1]);
            $paper->raise();

            return $known;
        });
    }

    public function remove(Paper $paper, Note $note): void
    {
        $note->delete();
        $paper->raise();
    }

    public function restore(Paper $paper, Note $note): Note
    {
        $note->restore();
        $paper->raise();

        return $note;
    }

    /**
     * Puts the paper's notes in an order; those that are not named stay after them.
     *
     * @param  list<string>  $ids
     */
    public function arrange(Paper $paper, array $ids): void
    {
        $this->papers->within($paper->id, static function (Paper $paper) use ($ids): void {
            $there = Note::query()->where('paper_id', $paper->id)->orderBy('place')->orderBy('id')->pluck('id')->all();
            $named = array_values(array_intersect(array_unique($ids), $there));
            foreach ([...$named, ...array_diff($there, $named)] as $place => $id) {
                Note::query()->whereKey($id)->update(['place' => $place + 1]);
            }
            $paper->raise();
        });
    }
}
