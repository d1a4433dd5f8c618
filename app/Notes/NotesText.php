<?php

declare(strict_types=1);

namespace Bibrel\App\Notes;

use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\Core\Format\Appendix;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Text\Run;

/** The notes of a paper as text one can take along: those on each source below its entry, each with its citation. */
final readonly class NotesText
{
    private NoteBook $book;

    public function __construct(private Paper $paper)
    {
        $this->book = new NoteBook($paper);
    }

    public function markdown(): string
    {
        $text = '# Notes'.($this->paper->title === '' ? '' : ' on '.self::escaped($this->paper->title))."\n";
        foreach ($this->sections() as $section) {
            $text .= "\n## ".self::escaped($section['heading'])."\n";
            foreach ($section['notes'] as $note) {
                $text .= "\n- ".str_replace("\n", "\n  ", self::escaped(Inline::text($note['runs'])));
                $text .= $note['aside'] === '' ? "\n" : "  \n  ".self::escaped($note['aside'])."\n";
            }
        }

        return $text;
    }

    public function appendix(): Appendix
    {
        return new Appendix('Notes', array_map(static fn (array $section): array => [
            'heading' => $section['heading'],
            'paragraphs' => array_map(static fn (array $note): array => $note['runs'], $section['notes']),
        ], $this->sections()));
    }

    /** @return list<array{heading: string, notes: list<array{runs: list<Run>, aside: string}>}> by source, in page order */
    public function sections(): array
    {
        $sections = [];
        foreach ($this->book->notes()->groupBy(static fn (Note $one): string => (string) $one->source_id) as $source => $notes) {
            $entry = $this->book->entry((string) $source);
            $sections[] = [
                'heading' => match (true) {
                    $entry === null => 'On the paper',
                    $entry->runs === [] => strip_tags($entry->source()->title->full()) ?: $entry->source()->kind->label,
                    default => $entry->text(),
                },
                'notes' => array_values($notes->map(fn (Note $note): array => [
                    'runs' => $this->book->forDraft($note),
                    'aside' => implode(' · ', array_filter([
                        $note->noted()->kind->label(), $note->noted()->on, implode(', ', $note->noted()->tags),
                    ])),
                ])->all()),
            ];
        }

        return $sections;
    }

    private static function escaped(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_\[\]<>#])/', '\\\\$1', $text);
    }
}
