<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Papers\FirstPapers;
use Bibrel\Standins\DemoPapers;
use Illuminate\Support\Str;

final class PapersTest extends AppTestCase
{
    public function test_a_paper_belongs_to_the_browser_that_made_it(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->as((string) Str::ulid());
        $this->getJson("/api/papers/{$paper}")->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Mine now', 'style' => 'mla-9'])->assertNotFound();
        $this->deleteJson("/api/papers/{$paper}")->assertNotFound();
        $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Mine')])->assertNotFound();
        $this->deleteJson("/api/papers/{$paper}/sources/{$source}")->assertNotFound();
        $this->getJson("/api/papers/{$paper}/clipboard")->assertNotFound();
        $this->get("/papers/{$paper}/page.docx")->assertNotFound();
        $this->postJson('/api/compose', ['paper' => $paper, 'source' => self::book()])->assertNotFound();
        $this->postJson("/api/papers/{$paper}/lookups", ['id' => (string) Str::ulid(), 'lead' => 'https://www.slackwater.example/', 'today' => '2026-11-24'])->assertNotFound();
        self::assertSame([], $this->getJson('/api/papers')->json('papers'));
        $this->as($this->guest);
        self::assertSame(['Brook, Halima. Moonpower. Quayside Press, 2014.'], $this->lines($paper));
    }

    public function test_a_source_of_another_paper_cannot_be_reached_through_ones_own(): void
    {
        $mine = $this->newPaper();
        $this->as((string) Str::ulid());
        $theirs = $this->newPaper();
        $source = $this->newSource($theirs, self::book());
        $this->as($this->guest);
        $this->putJson("/api/papers/{$mine}/sources/{$source}", ['version' => 1, 'source' => self::book('Stolen')])->assertNotFound();
        $this->deleteJson("/api/papers/{$mine}/sources/{$source}")->assertNotFound();
        $this->getJson("/api/papers/{$mine}/sources/{$source}/page-copy")->assertNotFound();
    }

    public function test_saying_the_same_twice_changes_nothing(): void
    {
        $paper = $this->newPaper();
        $id = (string) Str::ulid();
        $this->putJson("/api/papers/{$paper}/sources/{$id}", ['version' => 0, 'source' => self::book()])->assertStatus(201);
        $this->putJson("/api/papers/{$paper}/sources/{$id}", ['version' => 0, 'source' => self::book()])->assertOk()->assertJson(['version' => 1]);
        self::assertCount(1, $this->lines($paper));
    }

    public function test_two_tabs_do_not_overwrite_each_other(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Changed in tab one')])->assertOk()->assertJson(['version' => 2]);
        $conflict = $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Changed in tab two')])->assertConflict()->assertHeader('Content-Type', 'application/problem+json');
        self::assertSame('Changed in tab one', $conflict->json('theirs.source.title.main'));
        self::assertSame(['Brook, Halima. Changed in Tab One. Quayside Press, 2014.'], $this->lines($paper));

        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'One', 'style' => 'mla-9'])->assertOk();
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Two', 'style' => 'mla-9'])->assertConflict()->assertJsonPath('theirs.title', 'One');
    }

    public function test_what_is_removed_can_be_brought_back(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->deleteJson("/api/papers/{$paper}/sources/{$source}")->assertNoContent();
        self::assertSame([], $this->lines($paper));
        $this->postJson("/api/papers/{$paper}/sources/{$source}/restore")->assertOk();
        self::assertCount(1, $this->lines($paper));
        $this->deleteJson("/api/papers/{$paper}")->assertNoContent();
        $this->getJson("/api/papers/{$paper}")->assertStatus(410)->assertJsonPath('removed.name', 'Bread from the Moon');
        $this->postJson("/api/papers/{$paper}/restore")->assertOk();
        self::assertCount(1, $this->lines($paper));
    }

    public function test_switching_the_style_recomputes_page_and_heading_and_switching_back_restores_them(): void
    {
        $paper = $this->newPaper();
        $this->newSource($paper, self::book('the tide', 'Zell'));
        $this->newSource($paper, self::book());
        $before = $this->getJson("/api/papers/{$paper}")->json('page');
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'x', 'style' => 'apa-7'])->assertOk();
        $page = $this->getJson("/api/papers/{$paper}")->json('page');
        self::assertSame(['References', true], [$page['heading'], $page['headingIsBold']]);
        self::assertSame(['Brook, H. (2014). Moonpower. Quayside Press.', 'Zell, H. (2014). The tide. Quayside Press.'], $this->lines($paper));
        $this->putJson("/api/papers/{$paper}", ['version' => 2, 'title' => 'x', 'style' => 'mla-9'])->assertOk();
        self::assertSame($before, $this->getJson("/api/papers/{$paper}")->json('page'));
    }

    public function test_compose_answers_for_an_unsaved_source_without_saving_it(): void
    {
        $answer = $this->postJson('/api/compose', ['style' => 'apa-7', 'source' => self::book()])->assertOk();
        self::assertSame('Brook, H. (2014). Moonpower. Quayside Press.', implode('', array_column($answer->json('page.entries.0.runs'), 0)));
        $words = static fn (string $form): string => implode('', array_column((array) $answer->json("page.entries.0.{$form}"), 0));
        self::assertSame(['(Brook, 2014)', 'Brook (2014)'], [$words('citation'), $words('narrative')]);

        self::assertNull($answer->json('page.entries.0.caption'));
        $picture = ['kind' => 'photograph', 'title' => ['main' => 'Mill hands'], 'containers' => [['date' => '1952']]];
        $caption = $this->postJson('/api/compose', ['style' => 'mla-9', 'source' => $picture, 'mention' => ['figure' => ['number' => '4', 'words' => 'A wheel']]])->assertOk()->json('page.entries.0.caption');
        self::assertSame('Fig. 4. A wheel. Mill Hands, 1952.', implode('', array_column($caption, 0)));

        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->newSource($paper, self::book('Anchor', 'Castellan'));
        $page = $this->postJson('/api/compose', ['paper' => $paper, 'source' => ['id' => $source] + self::book('Moonpower', 'Aabel')])->assertOk()->json('page.entries');
        self::assertSame('Aabel, Halima. Moonpower. Quayside Press, 2014.', implode('', array_column($page[0]['runs'], 0)));
        self::assertSame('Brook, Halima. Moonpower. Quayside Press, 2014.', $this->lines($paper)[0]);
    }

    public function test_what_apa_cites_in_the_text_only_is_kept_off_the_page_with_the_reason(): void
    {
        $paper = $this->newPaper('apa-7');
        $this->newSource($paper, self::book());
        $mail = $this->newSource($paper, ['kind' => 'email', 'contributors' => [['role' => 'author', 'name' => ['given' => 'Marten', 'family' => 'Oake']]], 'containers' => [['date' => '3 May 2023']]]);
        self::assertCount(1, $this->lines($paper));
        $leftOut = $this->getJson("/api/papers/{$paper}")->json('page.leftOut');
        self::assertSame($mail, $leftOut[0]['id']);
        self::assertStringContainsString('(M. Oake, personal communication, May 3, 2023)', $leftOut[0]['sentence']);
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'x', 'style' => 'mla-9'])->assertOk();
        self::assertSame(['Brook, Halima. Moonpower. Quayside Press, 2014.', 'Oake, Marten. E-mail to the author. 3 '
            .'May 2023.'], $this->lines($paper));
    }

    public function test_the_same_source_twice_is_remarked(): void
    {
        $paper = $this->newPaper();
        $this->newSource($paper, self::book());
        $this->newSource($paper, self::book());
        $points = array_merge(...array_column($this->getJson("/api/papers/{$paper}")->json('sources'), 'issues'));
        self::assertContains('double', array_column($points, 'id'));
    }

    public function test_a_byline_is_taken_apart(): void
    {
        // A small "the" in a line belongs to its sentence, first or last.
        $people = $this->postJson('/api/bylines', ['text' => 'By Oona Pell, Coast Editor, and the Dusk Survey'])->assertOk()->json('contributors');
        self::assertSame([['given' => 'Oona', 'family' => 'Pell'], ['group' => 'Dusk Survey']], array_column($people, 'name'));
    }

    public function test_course_rules_reach_the_page(): void
    {
        $paper = $this->newPaper();
        $this->newSource($paper, ['kind' => 'web-page', 'title' => ['main' => 'The pond'], 'containers' => [['title' => 'Slack Water Review', 'date' => '2026', 'url' => 'https://www.slackwater.example/pond']], 'accessed' => '4 March 2027']);
        self::assertSame(['“The Pond.” Slack Water Review, 2026, www.slackwater.example/pond.'], $this->lines($paper));
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'x', 'style' => 'mla-9', 'course' => ['accessed' => 'always', 'addresses' => 'full', 'heading' => 'Sources']])->assertOk();
        self::assertSame(['“The Pond.” Slack Water Review, 2026, https://www.slackwater.example/pond. Accessed 4 '
            .'Mar. 2027.'], $this->lines($paper));
        self::assertSame('Sources', $this->getJson("/api/papers/{$paper}")->json('page.heading'));
    }

    public function test_bad_input_gets_a_sentence_and_never_an_error_of_ours(): void
    {
        $paper = $this->newPaper();
        foreach ([
            ['title' => ['main' => '<script>alert(1)</script>']],
            ['title' => 'a string', 'contributors' => 'nobody', 'containers' => 'none', 'custom' => 7, 'original' => 3],
            ['contributors' => [[], 7, ['role' => 'wizard', 'name' => 'Piet 🌊 Ilves'], ['name' => ['given' => ['x'], 'family' => 'ق']]]],
            ['contributors' => array_fill(0, 300, ['role' => 'author', 'name' => ['given' => 'A', 'family' => 'Oake']])],
            ['containers' => [['date' => '2023-02-30', 'url' => str_repeat('x', 5000), 'pages' => '9-3']]],
            ['kind' => 'no-such-kind', 'title' => ['main' => str_repeat('long ', 4000)]],
            ['kind' => 'web-page'],
        ] as $source) {
            $this->newSource($paper, $source);
        }
        self::assertCount(6, $this->lines($paper), 'One of which nothing is known makes no entry.');
        $this->getJson("/api/papers/{$paper}")->assertJsonPath('page.leftOut.0.sentence', 'Unfinished, so not on the page yet: it wants a title or an author.');
        $points = $this->postJson('/api/compose', ['style' => 'mla-9', 'source' => ['kind' => 'book', 'containers' => [['date' => '2023-02-30']]]])->json('issues');
        self::assertContains('February 2023 has no day 30. Check the date.', array_column($points, 'sentence'));
        $this->putJson('/api/papers/not-a-ulid', ['version' => 0, 'title' => 'x', 'style' => 'mla-9'])->assertStatus(422)->assertJsonStructure(['type', 'title', 'status', 'detail']);
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => str_repeat('x', 301), 'style' => 'mla-9'])->assertStatus(422)->assertJsonPath('detail', 'The title of the paper is longer than 300 characters. Shorten it.');
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'x', 'style' => 'smoke'])->assertStatus(422);
        $this->getJson('/api/nothing/here')->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
    }

    public function test_text_comes_back_as_it_was_typed(): void
    {
        $paper = $this->newPaper();
        $id = $this->newSource($paper, ['kind' => 'book', 'title' => ['main' => 'ق 🌊 <b>bold</b> & "quoted"'], 'custom' => ['csl' => ['x' => 1]]]);
        $source = $this->getJson("/api/papers/{$paper}")->json('sources.0');
        self::assertSame([$id, 'ق 🌊 <b>bold</b> & "quoted"', ['csl' => ['x' => 1]]], [$source['id'], $source['source']['title']['main'], $source['source']['custom']]);
    }

    public function test_demo_papers_wait_for_a_new_guest_once(): void
    {
        $this->app->bind(FirstPapers::class, DemoPapers::class);
        $this->as((string) Str::ulid());
        $papers = $this->getJson('/api/papers')->assertOk()->json('papers');
        self::assertSame(['Bread from the Moon' => 'own', 'Dimming the Harbour: Street Lighting and Bats' => 'own', 'Herons of the Mill Ponds' => 'comment'], collect($papers)->pluck('may', 'title')->sortKeys()->all());
        self::assertSame(['Ines Marrow', 'Somebody'], collect((array) $this->getJson('/api/courses/'.$this->getJson('/api/courses')->json('courses.0.id'))->json('papers'))->pluck('name')->sort()->values()->all());
        foreach (array_filter($papers, static fn (array $one): bool => $one['may'] === 'own') as $paper) {
            $this->deleteJson("/api/papers/{$paper['id']}")->assertNoContent();
        }
        self::assertSame(['Herons of the Mill Ponds'], array_column((array) $this->getJson('/api/papers')->json('papers'), 'title'));
    }
}
