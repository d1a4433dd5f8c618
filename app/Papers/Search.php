<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Sharing\Rights;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Text;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** "Where did I use that?": sources and notes of all papers somebody has, by words that stand in them. */
final readonly class Search
{
    private const MOST = 60;

    private const WORDS = 8;

    public function __construct(private Rights $rights)
    {
    }

    /** @return list<array<string, mixed>> */
    public function sources(Guest $guest, string $asked): array
    {
        $words = self::words($asked);
        $papers = $this->papers($guest);
        if ($words === [] || $papers === []) {
            return [];
        }
        $found = [];
        $records = SourceRecord::query();
        $records->select(SourceRecord::WITHOUT_COPY);
        foreach (self::narrowed($records, $papers, $words)->get() as $record) {
            $source = $record->source();
            $people = implode(', ', array_map(
                static fn (Contributor $one): string => $one->name->direct(),
                $source->contributors,
            ));
            if (self::has(self::texts($record->data), $words)) {
                $found[] = [
                    'id' => $record->id,
                    'name' => $record->name(),
                    'kind' => $source->kind->label,
                    'people' => $people,
                    'paper' => ['id' => $record->paper_id, 'title' => $papers[$record->paper_id]],
                ];
            }
        }

        return array_slice($found, 0, self::MOST);
    }

    /** @return list<array<string, mixed>> */
    public function notes(Guest $guest, string $asked): array
    {
        $words = self::words($asked);
        $papers = $this->papers($guest);
        $found = [];
        foreach ($words === [] || $papers === [] ? [] : self::narrowed(Note::query(), $papers, $words)->get() as $note) {
            if (self::has(self::texts($note->data), $words)) {
                $found[] = [
                    'id' => $note->id,
                    'source' => $note->source_id,
                    'text' => mb_substr($note->noted()->text, 0, 200),
                    'paper' => ['id' => $note->paper_id, 'title' => $papers[$note->paper_id]],
                ];
            }
        }

        return array_slice($found, 0, self::MOST);
    }

    /** @return array<string, string> titles by id */
    private function papers(Guest $guest): array
    {
        return Paper::query()
            ->where('guest_id', $guest->id)
            ->orWhereIn('id', array_keys($this->rights->shared($guest)))
            ->pluck('title', 'id')
            ->all();
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $query
     * @param  array<string, string>  $papers
     * @param  non-empty-list<string>  $words
     * @return Builder<T> those in whose JSON every word stands somewhere
     */
    private static function narrowed(Builder $query, array $papers, array $words): Builder
    {
        $query->whereIn('paper_id', array_keys($papers));
        foreach ($words as $word) {
            $query->where('data', 'like', '%'.addcslashes($word, '\\%_').'%');
        }

        $query->latest('updated_at')->limit(5 * self::MOST);

        return $query;
    }

    /** @return list<string> */
    private static function words(string $asked): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_substr($asked, 0, 200), $m);

        return array_slice(array_values(array_unique($m[0])), 0, self::WORDS);
    }

    /**
     * What is said, without the names of fields.
     *
     * @param  array<string, mixed>  $data
     */
    private static function texts(array $data): string
    {
        unset($data['custom'], $data['id'], $data['kind']);
        $texts = [];
        array_walk_recursive($data, static function (mixed $value, int|string $key) use (&$texts): void {
            if (is_string($value) && ! in_array($key, ['id', 'role', 'kind'], true)) {
                $texts[] = $value;
            }
        });

        return Text::folded(implode(' ', $texts));
    }

    /** @param  list<string>  $words */
    private static function has(string $text, array $words): bool
    {
        foreach ($words as $word) {
            if (! str_contains($text, Text::folded($word))) {
                return false;
            }
        }

        return true;
    }
}
