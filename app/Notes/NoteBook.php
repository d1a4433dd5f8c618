<?php

declare(strict_types=1);

namespace Bibrel\App\Notes;

use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Note\NoteKind;
use Bibrel\Core\Note\QuotedWords;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Text\Run;
use Illuminate\Database\Eloquent\Collection;

/** The notes of a paper, read together with its sources. */
final class NoteBook
{
    /** @var ?Collection<int, Note> */
    private ?Collection $notes = null;

    /** @var ?array<string, PageEntry> */
    private ?array $entries = null;

    /** @var array<string, string> texts of page copies by the source's id */
    private array $copies = [];

    public function __construct(private readonly Paper $paper)
    {
    }

    /** @return Collection<int, Note> in the paper's order */
    public function notes(): Collection
    {
        return $this->notes ??= $this->paper->notes()->orderBy('place')->orderBy('id')->get();
    }

    /** Where a quotation is no longer what the page copy says; null where it is, or where there is nothing to tell by. */
    public function departure(Note $note): ?string
    {
        $noted = $note->noted();
        $copy = $noted->kind === NoteKind::Quotation && $note->source_id !== null ? $this->copy($note->source_id) : '';

        return $copy === '' ? null : (new QuotedWords($noted->text))->departure($copy);
    }

    /** @return list<Run> as it goes into a draft */
    public function forDraft(Note $note): array
    {
        $entry = $this->entry((string) $note->source_id);

        return $entry === null
            ? [new Run($note->noted()->text, 'note')]
            : $note->noted()->forDraft($entry->source(), $this->paper->styleInUse(), $entry->context);
    }

    public function entry(string $source): ?PageEntry
    {
        if ($this->entries === null) {
            $page = $this->paper->page();
            $this->entries = [];
            foreach ([...$page->entries, ...$page->leftOut] as $entry) {
                $this->entries[$entry->id] = $entry;
            }
        }

        return $this->entries[$source] ?? null;
    }

    private function copy(string $source): string
    {
        return $this->copies[$source] ??= implode("\n", array_column(
            SourceRecord::query()->whereKey($source)->where('paper_id', $this->paper->id)->value('page_copy') ?? [],
            'text',
        ));
    }
}
