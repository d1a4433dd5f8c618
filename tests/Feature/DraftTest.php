<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Models\DraftRecord;
use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Tests\Draft\WordFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** A student's own draft over HTTP: given, held against the page, answered, given back, thrown away. */
final class DraftTest extends AppTestCase
{
    private string $paper;

    private string $source;

    protected function setUp(): void
    {
        parent::setUp();
        $this->paper = $this->newPaper();
        $this->source = $this->newSource($this->paper, self::book());
    }

    public function test_a_draft_is_held_against_the_page_and_is_there_again_later(): void
    {
        $this->getJson($this->path())->assertOk()->assertExactJson(['draft' => null]);
        $given = $this->give(WordFile::of(WordFile::paper()))->assertOk();
        self::assertSame(['(Varga-Brandt)', 'Brook (15–17)'], $given->json('draft.citations.*.text'));
        self::assertSame([[], [$this->source]], $given->json('draft.citations.*.sources'));
        self::assertSame('tide-mills.docx', $given->json('draft.name'));
        self::assertSame($given->json(), $this->getJson($this->path())->assertOk()->json());
        // What changes on the paper changes what is said of the draft.
        $this->newSource($this->paper, self::book('Wild Lamps', 'Varga-Brandt'));
        self::assertNotSame([], $this->getJson($this->path())->json('draft.citations.0.sources'));
    }

    public function test_pasted_text_is_a_draft_too_but_cannot_be_given_back(): void
    {
        $given = $this->postJson($this->path(), ['text' => 'So it was (Harrow 12).'])->assertOk();
        self::assertSame(['not-on-page'], $given->json('draft.citations.0.issues.*.id'));
        self::assertTrue($given->json('draft.isText'));
        $this->get("/papers/{$this->paper}/draft.file")->assertStatus(422);
    }

    public function test_what_was_settled_stays_settled_when_the_draft_is_given_again(): void
    {
        $key = $this->give(WordFile::of(WordFile::paper()))->json('draft.citations.0.issues.0.key');
        $this->putJson("{$this->path()}/answers", ['settled' => [$key], 'meant' => ['Varga-Brandt' => $this->source]])->assertOk();
        $again = $this->give(WordFile::of(WordFile::paper(WordFile::p('One more.'))))->assertOk();
        self::assertSame([$key], $again->json('draft.settled'));
        self::assertSame([$this->source], $again->json('draft.citations.0.sources'), 'who is meant stays said');
    }

    public function test_a_refused_draft_changes_nothing(): void
    {
        $this->give(WordFile::of(WordFile::paper()))->assertOk();
        foreach (['not a document', '', WordFile::of(WordFile::paper(), parts: ['word/vbaProject.bin' => 'x'])] as $bytes) {
            $refused = $this->give("PK\x03\x04{$bytes}", 'other.docx')->assertStatus(422);
            self::assertStringEndsWith('.', (string) $refused->json('detail'));
        }
        $this->postJson($this->path(), [])->assertStatus(422);
        self::assertSame('tide-mills.docx', $this->getJson($this->path())->json('draft.name'));
    }

    public function test_it_comes_back_with_the_page_with_what_is_cited_alone_and_with_what_was_put_right(): void
    {
        $this->newSource($this->paper, self::book('Never Cited', 'Zell'));
        $this->give(WordFile::of(WordFile::paper(WordFile::p(WordFile::prose('Flat.')), WordFile::list())));
        $texts = fn (string $query): array => array_map(
            static fn (Paragraph $one): string => $one->text,
            (new DraftFile((string) $this->get("/papers/{$this->paper}/draft.file?{$query}")->assertOk()->getContent()))->draft()->paragraphs,
        );
        self::assertSame(['Works Cited', 'Brook, Halima. Moonpower. Quayside Press, 2014.', 'Zell, Halima. Never Cited. Quayside Press, 2014.'], array_slice($texts('replace=1'), -3));
        self::assertSame(['Work Cited', 'Brook, Halima. Moonpower. Quayside Press, 2014.'], array_slice($texts('replace=1&only=cited'), -2));
        self::assertSame(2, count(array_filter($texts(''), static fn (string $one): bool => $one === 'Works Cited')));
        $mended = (string) $this->get("/papers/{$this->paper}/draft.file?mend=first-line")->getContent();
        self::assertSame(720, (new DraftFile($mended))->draft()->paragraphs[7]->look->first);
    }

    public function test_it_is_thrown_away_with_one_press_and_goes_with_its_paper(): void
    {
        $this->give(WordFile::of(WordFile::paper()));
        $this->deleteJson($this->path())->assertNoContent();
        self::assertSame(0, DraftRecord::query()->count());
        $this->get("/papers/{$this->paper}/draft.file")->assertNotFound();
    }

    public function test_nobody_else_sees_it(): void
    {
        $this->give(WordFile::of(WordFile::paper()));
        $this->as('01ARZ3NDEKTSV4RRFFQ69G5FAV')->getJson($this->path())->assertNotFound();
        $this->get("/papers/{$this->paper}/draft.file")->assertNotFound();
    }

    public function test_a_source_left_out_is_off_the_page_and_told_in_the_list(): void
    {
        $data = $this->getJson("/api/papers/{$this->paper}/sources/{$this->source}")->json();
        $this->putJson("/api/papers/{$this->paper}/sources/{$this->source}", [
            'version' => $data['version'], 'source' => ['leftOut' => true] + $data['source'],
        ])->assertOk();
        $paper = $this->getJson("/api/papers/{$this->paper}")->json();
        self::assertSame([[], $this->source], [$paper['page']['entries'], $paper['page']['leftOut'][0]['id']]);
    }

    private function path(): string
    {
        return "/api/papers/{$this->paper}/draft";
    }

    private function give(string $bytes, string $name = 'tide-mills.docx'): TestResponse
    {
        return $this->post($this->path(), ['draft' => UploadedFile::fake()->createWithContent($name, $bytes)], ['Accept' => 'application/json']);
    }
}
