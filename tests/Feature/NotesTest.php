<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Models\SourceRecord;
use Illuminate\Support\Str;

/** Notes save themselves like everything else, go into a draft with their citation, and are held against the page copy. */
final class NotesTest extends AppTestCase
{
    public function test_a_note_is_saved_changed_merged_and_taken_back(): void
    {
        $paper = $this->newPaper();
        $note = (string) Str::ulid();
        $put = fn (int $version, string $text, ?string $save = null) => $this->putJson("/api/papers/{$paper}/notes/{$note}", ['version' => $version, 'save' => $save, 'note' => ['kind' => 'paraphrase', 'text' => $text]]);
        $put(0, 'One', $save = (string) Str::ulid())->assertStatus(201)->assertJsonPath('version', 1);
        $put(0, 'One', $save)->assertOk()->assertJsonPath('version', 1);
        $put(1, 'Two')->assertOk()->assertJsonPath('version', 2);
        $put(1, 'Three')->assertStatus(409)->assertJsonPath('theirs.note.text', 'Two');
        $put(1, 'Two')->assertOk()->assertJsonPath('version', 2);
        $this->deleteJson("/api/papers/{$paper}/notes/{$note}")->assertStatus(204);
        $put(2, 'Late')->assertStatus(410)->assertJsonPath('removed.what', 'note')->assertJsonPath('theirs.note.text', 'Two');
        $this->postJson("/api/papers/{$paper}/notes/{$note}/restore")->assertOk()->assertJsonPath('note.text', 'Two');
        $put(2, 'Late')->assertOk();
        $other = $this->newPaper();
        $this->putJson("/api/papers/{$other}/notes/{$note}", ['version' => 3, 'note' => ['text' => 'Stolen']])->assertNotFound();
    }

    public function test_notes_stand_in_the_order_they_are_put_in(): void
    {
        $paper = $this->newPaper();
        $ids = array_map(fn (string $text): string => $this->note($paper, ['text' => $text]), ['One', 'Two', 'Three']);
        $texts = fn (): array => array_column(array_column((array) $this->getJson("/api/papers/{$paper}/notes")->json(), 'note'), 'text');
        self::assertSame(['One', 'Two', 'Three'], $texts());
        $this->postJson("/api/papers/{$paper}/notes/arrange", ['ids' => [$ids[2], $ids[0], (string) Str::ulid()]])->assertStatus(204);
        self::assertSame(['Three', 'One', 'Two'], $texts());
        $this->note($paper, ['text' => 'Four']);
        self::assertSame(['Three', 'One', 'Two', 'Four'], $texts());
    }

    public function test_a_note_goes_out_with_the_citation_the_page_wants(): void
    {
        $paper = $this->newPaper('apa-7');
        $first = $this->newSource($paper, self::book('Moonpower'));
        $this->newSource($paper, self::book('Tidepower'));
        $note = $this->note($paper, ['source' => $first, 'kind' => 'quotation', 'text' => 'The sea rose.', 'place' => ['kind' => 'page', 'value' => '12']]);
        // Two works of one author and year: the letter that tells them apart goes along.
        $this->getJson("/api/papers/{$paper}/notes/{$note}/clipboard")->assertOk()->assertJsonPath('text', '“The sea rose” (Brook, 2014a, p. 12).');
        self::assertStringContainsString('“The sea rose” (Brook, 2014a, p. 12).', (string) $this->get("/papers/{$paper}/notes.md")->assertOk()->getContent());
    }

    public function test_a_quotation_that_is_not_what_the_page_says_is_remarked(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        SourceRecord::query()->whereKey($source)->update(['page_copy' => json_encode([['tag' => 'p', 'text' => 'The sea rose twice a day.']])]);
        $this->note($paper, ['source' => $source, 'kind' => 'quotation', 'text' => 'The sea rose twice']);
        $this->note($paper, ['source' => $source, 'kind' => 'quotation', 'text' => 'The sea fell twice']);
        $this->note($paper, ['source' => $source, 'kind' => 'paraphrase', 'text' => 'It fell']);
        self::assertSame([null, 'The sea fell', null], array_column((array) $this->getJson("/api/papers/{$paper}/notes")->json(), 'departure'));
    }

    /** @param  array<string, mixed>  $note */
    private function note(string $paper, array $note): string
    {
        $id = (string) Str::ulid();
        $this->putJson("/api/papers/{$paper}/notes/{$id}", ['version' => 0, 'note' => $note])->assertStatus(201);

        return $id;
    }
}
