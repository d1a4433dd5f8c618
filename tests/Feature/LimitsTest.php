<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Models\LookupRecord;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** How much one source, one paper, one guest and one address may take up; each limit answers with a sentence. */
final class LimitsTest extends AppTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // An address of its own for each test: the limits count by it.
        $this->withServerVariables(['REMOTE_ADDR' => '10.'.random_int(0, 255).'.'.random_int(0, 255).'.'.random_int(0, 255)]);
    }

    /** @param  array<string, mixed>  $source */
    #[DataProvider('tooMuch')]
    public function test_a_source_that_holds_too_much_is_refused_whole(array $source, string $sentence): void
    {
        $paper = $this->newPaper();
        $id = (string) Str::ulid();
        foreach ([$this->putJson("/api/papers/{$paper}/sources/{$id}", ['version' => 0, 'source' => $source]), $this->postJson('/api/compose', ['style' => 'mla-9', 'source' => $source])] as $answer) {
            self::assertStringContainsString($sentence, (string) $answer->assertStatus(422)->json('detail'));
        }
        self::assertSame([], $this->lines($paper));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function tooMuch(): iterable
    {
        $nested = static fn (int $depth): array => array_reduce(range(1, $depth), static fn (array $inner): array => ['x' => $inner], []);
        yield 'people' => [['contributors' => array_fill(0, 1001, ['name' => ['family' => 'Oake']])], 'names 1001 people'];
        yield 'people of a container' => [['containers' => [['contributors' => array_fill(0, 1001, ['name' => ['family' => 'Oake']])]]], 'names 1001 people'];
        yield 'containers' => [['containers' => array_fill(0, 4, ['title' => 'x'])], 'more than 3 containers'];
        yield 'nesting' => [['custom' => $nested(509)], 'nested too deep'];
        yield 'nesting within the request’s own bound' => [['custom' => $nested(17)], 'nested too deep'];
        yield 'size of custom' => [['custom' => ['x' => str_repeat('y', 100_001)]], 'too large'];
        yield 'text' => [['annotation' => str_repeat('y', 400_001)], 'Shorten it'];
    }

    public function test_what_is_just_within_the_limits_is_kept_and_opens_again(): void
    {
        $paper = $this->newPaper();
        $people = array_fill(0, 1000, ['role' => 'author', 'name' => ['given' => 'A.', 'family' => 'Oake']]);
        $this->newSource($paper, ['kind' => 'book', 'title' => ['main' => 'Many hands'], 'contributors' => $people]);
        self::assertSame(['Oake, A., et al. Many Hands.'], $this->lines($paper));
    }

    public function test_answered_points_have_a_limit(): void
    {
        $paper = $this->newPaper();
        $body = ['version' => 0, 'source' => self::book(), 'dismissed' => array_map(static fn (int $i): string => "point-{$i}", range(1, 301))];
        $this->putJson("/api/papers/{$paper}/sources/".Str::ulid(), $body)->assertStatus(422);
        $body['dismissed'] = [str_repeat('x', 61)];
        $this->putJson("/api/papers/{$paper}/sources/".Str::ulid(), $body)->assertStatus(422);
    }

    public function test_a_paper_holds_so_many_sources_and_no_more(): void
    {
        config(['bibrel.limits.sources' => 2]);
        $paper = $this->newPaper();
        $first = $this->newSource($paper, self::book('One'));
        $this->newSource($paper, self::book('Two'));
        $this->putJson("/api/papers/{$paper}/sources/".Str::ulid(), ['version' => 0, 'source' => self::book('Three')])
            ->assertStatus(422)->assertJsonPath('title', 'The paper is full');
        self::assertSame('failed', $this->lookUp($paper, 'https://www.slackwater.example/grain-by-moonlight')->json('lookups.0.state'));
        $this->deleteJson("/api/papers/{$paper}/sources/{$first}")->assertNoContent();
        $this->newSource($paper, self::book('Three'));
        $this->postJson("/api/papers/{$paper}/sources/{$first}/restore")->assertStatus(422);
        self::assertCount(2, $this->lines($paper));
    }

    public function test_so_many_records_are_taken_at_once_and_no_more(): void
    {
        config(['bibrel.limits.records' => 3]);
        $paper = $this->newPaper();
        $records = static fn (int $count): string => str_repeat("TY  - BOOK\nTI  - Moonpower\nER  - \n", $count);
        $lookup = $this->lookUp($paper, $records(4))->assertStatus(202)->json('lookups.0');
        self::assertSame('failed', $lookup['state']);
        self::assertStringContainsString('more than the 3', $lookup['sentence']);
        self::assertSame([], $this->lines($paper));
        self::assertSame('added', $this->lookUp($paper, $records(3))->json('lookups.0.state'));
    }

    public function test_lines_and_look_ups_under_way_have_limits(): void
    {
        $paper = $this->newPaper();
        $this->lookUp($paper, str_repeat("10.5555/jch.2016.0123\n", 201))->assertStatus(422)->assertJsonPath('reason', 'too-many');
        config(['bibrel.limits.open_lookups' => 0]);
        $this->lookUp($paper, '10.5555/jch.2016.0123')->assertStatus(422)->assertJsonPath('reason', 'too-many');
        self::assertSame(0, LookupRecord::query()->where('paper_id', $paper)->count());
    }

    /** @param  \Closure(self, string): TestResponse  $ask */
    #[DataProvider('limited')]
    public function test_too_many_requests_are_asked_to_wait(string $setting, \Closure $ask): void
    {
        $paper = $this->newPaper();
        $this->newSource($paper, self::book());
        config(["bibrel.limits.{$setting}" => ['guest' => 2, 'address' => 3]]);
        $ask($this, $paper);
        $ask($this, $paper);
        $slower = $ask($this, $paper)->assertStatus(429);
        self::assertGreaterThan(0, (int) $slower->headers->get('Retry-After'));
        self::assertStringContainsString('Nothing is lost', (string) $slower->json('detail'));
        // Another guest after the same address has turns of their own, until the address has used up its own.
        $this->as((string) Str::ulid());
        $another = $this->newPaper();
        self::assertNotSame(429, $ask($this, $another)->status());
        self::assertSame(429, $ask($this, $another)->status());
    }

    /** @return iterable<string, array{string, \Closure(self, string): TestResponse}> */
    public static function limited(): iterable
    {
        yield 'compositions' => ['compositions_a_minute', static fn (self $test): TestResponse => $test->postJson('/api/compose', ['style' => 'mla-9', 'source' => self::book()])];
        yield 'look-ups' => ['lookups_a_minute', static fn (self $test, string $paper): TestResponse => $test->lookUp($paper, '10.5555/jch.2016.0123')];
        yield 'batches' => ['batches_a_minute', static fn (self $test, string $paper): TestResponse => $test->lookUp($paper, "10.5555/jch.2016.0123\n10.5555/sa.2020.44")];
    }

    public function test_saves_are_limited_by_guest_and_by_address(): void
    {
        $paper = $this->newPaper();
        config(['bibrel.limits.saves_a_minute' => ['guest' => 3, 'address' => 1000]]);
        $save = fn (string $title): TestResponse => $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => $title, 'style' => 'mla-9']);
        $save('a')->assertOk();
        $save('b')->assertConflict();
        $save('c')->assertStatus(429)->assertHeader('Retry-After');
    }

    public function test_new_guests_without_end_are_asked_to_wait_and_a_class_is_not(): void
    {
        config(['bibrel.limits.new_guests_a_minute' => 36]);
        for ($i = 0; $i < 36; $i++) {
            $this->defaultCookies = [];
            $this->get('/')->assertOk();
        }
        $this->defaultCookies = [];
        $this->get('/')->assertStatus(429)->assertHeader('Retry-After');
        $this->as($this->guest)->get('/')->assertOk();
    }

    /** @param  \Closure(self, string): TestResponse  $ask */
    #[DataProvider('odd')]
    public function test_odd_input_gets_a_sentence_and_never_an_error_of_ours(\Closure $ask): void
    {
        $answer = $ask($this, $this->newPaper());
        self::assertGreaterThanOrEqual(400, $answer->status(), (string) $answer->getContent());
        self::assertLessThan(500, $answer->status(), (string) $answer->getContent());
        self::assertGreaterThan(20, mb_strlen((string) $answer->json('detail')));
    }

    /** @return iterable<string, array{\Closure(self, string): TestResponse}> */
    public static function odd(): iterable
    {
        $put = static fn (string $path, array $body): \Closure => static fn (self $test, string $paper): TestResponse => $test->putJson(str_replace('{paper}', $paper, $path), $body);
        yield 'blank course rules' => [$put('/api/papers/{paper}', ['version' => 1, 'title' => 'x', 'style' => 'mla-9', 'course' => ' '])];
        yield 'blank source' => [$put('/api/papers/{paper}/sources/01ARZ3NDEKTSV4RRFFQ69G5FAV', ['version' => 0, 'source' => ' '])];
        yield 'no source' => [$put('/api/papers/{paper}/sources/01ARZ3NDEKTSV4RRFFQ69G5FAV', ['version' => 0])];
        yield 'words for answered points' => [$put('/api/papers/{paper}/sources/01ARZ3NDEKTSV4RRFFQ69G5FAV', ['version' => 0, 'source' => self::book(), 'dismissed' => 'all'])];
        yield 'text that is not UTF-8, in a form' => [static fn (self $test): TestResponse => $test->post('/api/bylines', ['text' => "By Oona P\xE9ll"])];
        yield 'a name that is not UTF-8, in a form' => [static fn (self $test): TestResponse => $test->post('/api/bylines', ["t\xE9xt" => 'x'])];
        yield 'a source in words, for composing' => [static fn (self $test): TestResponse => $test->postJson('/api/compose', ['style' => 'mla-9', 'source' => 'book'])];
        yield 'a place in words, for composing' => [static fn (self $test): TestResponse => $test->postJson('/api/compose', ['style' => 'mla-9', 'source' => self::book(), 'mention' => ' '])];
    }

    public function test_a_bibtex_string_that_doubles_itself_is_told_of(): void
    {
        $doubling = "@string{a = \"moth moth \"}\n".str_repeat("@string{a = a # a}\n", 60).'@book{x, title = a}';
        $lookup = $this->lookUp($this->newPaper(), $doubling)->assertStatus(202)->json('lookups.0');
        self::assertSame(['failed', 'unreadable'], [$lookup['state'], $lookup['reason']]);
        self::assertStringContainsString('@string', $lookup['sentence']);
    }

    public function test_seventy_thousand_authors_are_kept_as_far_as_any_style_prints_them_and_it_says_so(): void
    {
        $paper = $this->newPaper('apa-7');
        $authors = implode("\n", array_map(static fn (int $i): string => "AU  - O,{$i}", range(1, 70_000)));
        $lookup = $this->lookUp($paper, "TY  - BOOK\n{$authors}\nTI  - Many hands\nPY  - 2020\nER  - ")->json('lookups.0');
        self::assertSame('added', $lookup['state'], $lookup['sentence']);
        $source = $this->getJson("/api/papers/{$paper}/sources/{$lookup['source']}")->assertOk();
        self::assertSame(['1', '70000'], [$source->json('source.contributors.0.name.given'), collect($source->json('source.contributors'))->last()['name']['given']]);
        self::assertStringContainsString('names 70000 people', (string) $source->json('issues.0.sentence'));
        // APA 9.8: the first nineteen and the last, by their initials.
        $entry = strtr($this->lines($paper)[0], ["\u{A0}" => ' ', '. . .' => '…']);
        self::assertStringEndsWith('… O, 7. (2020). Many hands.', $entry);
        self::assertSame(20, substr_count($entry, 'O, '));
    }

    public function test_a_long_query_leaves_nothing_behind_in_the_cookie(): void
    {
        $cookies = $this->get('/papers/01ARZ3NDEKTSV4RRFFQ69G5FAV?'.str_repeat('x', 4000))->assertOk()->headers->getCookies();
        foreach ($cookies as $cookie) {
            self::assertLessThan(1500, strlen((string) $cookie->getValue()), $cookie->getName());
        }
    }

    private function lookUp(string $paper, string $lead): TestResponse
    {
        return $this->postJson("/api/papers/{$paper}/lookups", ['id' => (string) Str::ulid(), 'lead' => $lead, 'today' => '2026-11-24']);
    }
}
