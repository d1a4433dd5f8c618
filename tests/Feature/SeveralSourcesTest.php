<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

/** What is done with several sources at once, and what the page says of a change. */
final class SeveralSourcesTest extends AppTestCase
{
    public function test_several_are_removed_and_brought_back_together(): void
    {
        $paper = $this->newPaper();
        $ids = array_map(fn (string $title): string => $this->brook($paper, $title), ['Gulls', 'Herons', 'Knots']);
        $this->postJson("/api/papers/{$paper}/sources/remove", ['ids' => [$ids[0], $ids[2]]])->assertStatus(204);
        self::assertSame([$ids[1]], array_column((array) $this->getJson("/api/papers/{$paper}")->json('sources'), 'id'));
        $this->postJson("/api/papers/{$paper}/sources/bring-back", ['ids' => [$ids[0], $ids[2]]])->assertStatus(204);
        self::assertCount(3, (array) $this->getJson("/api/papers/{$paper}")->json('sources'));
        $this->postJson("/api/papers/{$paper}/sources/remove", ['ids' => []])->assertStatus(422)->assertJsonPath('detail', 'Choose at least one source.');
    }

    public function test_they_move_to_another_paper_of_the_same_guest_and_to_nobody_elses(): void
    {
        [$from, $to] = [$this->newPaper(), $this->newPaper()];
        $id = $this->brook($from, 'Gulls');
        $this->postJson("/api/papers/{$from}/sources/move", ['ids' => [$id], 'to' => $to])->assertStatus(204);
        self::assertSame([], (array) $this->getJson("/api/papers/{$from}")->json('sources'));
        self::assertSame([$id], array_column((array) $this->getJson("/api/papers/{$to}")->json('sources'), 'id'));
        $this->postJson("/api/papers/{$to}/sources/move", ['ids' => [$id], 'to' => '01ARZ3NDEKTSV4RRFFQ69G5FAV'])->assertStatus(404);
        self::assertCount(1, (array) $this->getJson("/api/papers/{$to}")->json('sources'));
    }

    public function test_some_are_copied_and_exported(): void
    {
        $paper = $this->newPaper();
        $ids = array_map(fn (string $title): string => $this->brook($paper, $title), ['Gulls', 'Herons', 'Knots']);
        $only = "{$ids[0]},{$ids[2]}";
        self::assertSame("Brook, Halima. Gulls. Quayside Press, 2014.\nBrook, Halima. Knots. Quayside Press, 2014.", str_replace('---', 'Brook, Halima', (string) $this->postJson("/api/papers/{$paper}/clipboard", ['only' => $only])->json('text')));
        $ris = (string) $this->post("/papers/{$paper}/sources.ris", ['only' => $only])->getContent();
        self::assertSame(2, substr_count($ris, 'ER  - '));
        self::assertStringNotContainsString('Herons', $ris);
    }

    public function test_a_change_is_told_by_what_is_new_on_the_page(): void
    {
        $paper = $this->newPaper();
        $ids = array_map(fn (string $title): string => $this->brook($paper, $title), ['Gulls', 'Herons', 'Knots']);
        $known = implode('', array_column((array) $this->getJson("/api/papers/{$paper}")->json('page.entries'), 'mark'));
        $source = ['id' => $ids[1], 'kind' => 'book', 'title' => ['main' => 'Zebras'], 'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]]];
        $entries = (array) $this->postJson('/api/compose', ['paper' => $paper, 'source' => $source, 'known' => $known])->json('page.entries');
        self::assertSame([0, 1], $entries[0]);
        self::assertSame([2, 1], $entries[1]);
        self::assertSame($ids[1], $entries[2]['id']);
        self::assertStringStartsWith('---. Zebras', implode('', array_column($entries[2]['runs'], 0)));
        self::assertNotSame([], $entries[2]['citation']);
    }

    public function test_a_double_is_an_open_point_until_somebody_says_it_is_another_one(): void
    {
        $paper = $this->newPaper();
        $first = $this->brook($paper, 'The Patient Wheel');
        $second = $this->brook($paper, 'The Patient Wheel');
        $points = fn (): array => array_column((array) collect((array) $this->getJson("/api/papers/{$paper}")->json('sources'))->firstWhere('id', $second)['issues'], 'about', 'id');
        self::assertSame($first, $points()['double'] ?? null);
        $data = (array) $this->getJson("/api/papers/{$paper}/sources/{$second}")->json('source');
        $this->putJson("/api/papers/{$paper}/sources/{$second}", ['version' => 1, 'source' => $data, 'dismissed' => ['double']])->assertOk();
        self::assertArrayNotHasKey('double', $points());
    }

    public function test_what_is_put_aside_before_the_first_save_stays_put_aside(): void
    {
        $paper = $this->newPaper();
        $this->brook($paper, 'The Patient Wheel');
        $id = '01ARZ3NDEKTSV4RRFFQ69G5FAW';
        $data = ['kind' => 'book', 'title' => ['main' => 'The Patient Wheel'], 'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]]];
        $saved = $this->putJson("/api/papers/{$paper}/sources/{$id}", ['version' => 0, 'source' => $data, 'dismissed' => ['double']])->assertStatus(201);
        self::assertSame(['double'], $saved->json('reading.dismissed'));
        self::assertNotContains('double', array_column((array) collect((array) $this->getJson("/api/papers/{$paper}")->json('sources'))->firstWhere('id', $id)['issues'], 'id'));
    }

    public function test_the_words_a_style_holds_as_names_come_with_what_turns_them(): void
    {
        $paper = $this->newPaper('apa-7');
        $source = ['id' => '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'kind' => 'book', 'title' => ['main' => 'Seals of Turner']];
        $names = fn (array $source): array => (array) $this->postJson('/api/compose', ['paper' => $paper, 'source' => $source])->json('names');
        self::assertSame([['word' => 'Turner', 'isName' => true, 'isAsked' => true, 'names' => 'turner']], $names($source));
        $source['title']['names'] = 'turner';
        self::assertSame([['word' => 'turner', 'isName' => false, 'isAsked' => false, 'names' => 'Turner']], $names($source));
    }

    public function test_the_page_of_a_paper_brings_its_first_data_and_nobody_elses(): void
    {
        $paper = $this->newPaper();
        $this->brook($paper, 'Gulls </script><script>');
        $html = (string) $this->get("/papers/{$paper}")->assertOk()->getContent();
        self::assertStringContainsString('id="first"', $html);
        self::assertStringNotContainsString('Gulls </script>', $html);
        self::assertStringNotContainsString('id="first"', (string) $this->get('/papers/01ARZ3NDEKTSV4RRFFQ69G5FAV')->assertOk()->getContent());
        self::assertStringNotContainsString('id="first"', (string) $this->get('/')->assertOk()->getContent());
    }

    private function brook(string $paper, string $title): string
    {
        return $this->newSource($paper, ['kind' => 'book', 'title' => ['main' => $title], 'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]], 'containers' => [['publisher' => 'Quayside Press', 'date' => '2014']]]);
    }
}
