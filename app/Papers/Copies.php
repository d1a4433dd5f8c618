<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Papers and sources once more: with their evidence, their page copies and their notes. */
final readonly class Copies
{
    private const TITLE = 300;

    public function __construct(private SourceChanges $sources, private PaperChanges $papers)
    {
    }

    /** A paper with all that is on it, as a paper of its own; asking twice under one id makes one. */
    public function ofPaper(Paper $paper, string $id, string $by): Paper
    {
        return DB::transaction(function () use ($paper, $id, $by): Paper {
            $title = $paper->title === '' ? '' : mb_substr($paper->title, 0, self::TITLE - 7).' (copy)';
            $copy = $this->papers->save($id, new Save(0, $by), ['title' => $title] + $paper->state());
            if ($copy->wasRecentlyCreated) {
                // Only its owner's copy is for the same course.
                $copy->update(['course_id' => $paper->guest_id === $by ? $paper->course_id : null]);
                $this->fill($copy, $paper, array_values($paper->sources()->pluck('id')->map(strval(...))->all()), $by);
            }

            return $copy->refresh();
        });
    }

    /**
     * Sources of one paper into another one.
     *
     * @param  list<string>  $ids
     * @return list<string> the ids they have there
     *
     * @throws PaperFull
     */
    public function ofSources(Paper $from, Paper $to, array $ids, string $by): array
    {
        return DB::transaction(fn (): array => $this->fill($to, $from, $ids, $by));
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function fill(Paper $to, Paper $from, array $ids, string $by): array
    {
        $new = [];
        $prepared = [];
        foreach (SourceRecord::query()->where('paper_id', $from->id)->whereKey($ids)->orderBy('id')->get() as $record) {
            $new[$record->id] = (string) Str::ulid();
            $prepared[] = [
                'id' => $new[$record->id], 'data' => $record->data, 'reading' => $record->reading,
                'page_copy' => $record->page_copy,
            ];
        }
        if ($prepared === []) {
            return [];
        }
        $this->sources->add($to, $prepared, $by);
        $place = (int) Note::query()->where('paper_id', $to->id)->max('place');
        $notes = Note::query()->where('paper_id', $from->id)->whereIn('source_id', array_keys($new))->orderBy('place')->get();
        foreach ($notes as $note) {
            Note::query()->create([
                'paper_id' => $to->id, 'source_id' => $new[(string) $note->source_id], 'data' => $note->data,
                'place' => ++$place, 'version' => 1, 'changed_by' => $by,
            ]);
        }

        return array_values($new);
    }
}
