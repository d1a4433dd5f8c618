<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Jobs\RunLookup;
use Bibrel\App\Lookup\Workers;
use Bibrel\App\Models\LookupRecord;
use Illuminate\Http\Client\Events\RequestSending;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

/** Look-ups in their order: a few of one guest at a time, stopped, lost and tried again. */
final class LookupQueueTest extends AppTestCase
{
    private const LEAD = 'https://www.slackwater.example/grain-by-moonlight';

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        Cache::forget('workers:seen');
    }

    public function test_two_of_one_guest_are_under_way_at_once_and_the_others_wait_for_them(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, "10.5555/a.1\n10.5555/a.2\n10.5555/a.3\n10.5555/a.4");
        $another = $this->newPaper();
        $this->start($another, '10.5555/a.5');
        self::assertSame(['queued', 'queued', 'waiting', 'waiting'], $this->states($paper));
        self::assertSame(['waiting'], $this->states($another), 'Another paper of the same guest waits, too.');
        $this->as((string) Str::ulid());
        $this->start($theirs = $this->newPaper(), '10.5555/a.6');
        self::assertSame(['queued'], $this->states($theirs), 'Another guest does not wait.');
        Queue::assertCount(3);
        $this->as($this->guest)->deleteJson('/api/papers/'.$paper.'/lookups/'.$this->ids($paper)[0])->assertNoContent();
        self::assertSame(['queued', 'queued', 'waiting'], $this->states($paper), 'The next one moves up when one is '
            .'stopped.');
    }

    public function test_one_that_was_stopped_adds_nothing_even_if_it_was_under_way(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, self::LEAD);
        $id = $this->ids($paper)[0];
        $this->deleteJson("/api/papers/{$paper}/lookups/{$id}")->assertNoContent();
        $this->work($id);
        self::assertSame([], $this->lines($paper));
        self::assertSame([], $this->states($paper));
        $this->postJson("/api/papers/{$paper}/lookups/{$id}/retry")->assertStatus(202);
        self::assertSame(['queued'], $this->states($paper), 'Stopping can be taken back.');
        $this->work($id);
        self::assertCount(1, $this->lines($paper));
        $this->work($id);
        self::assertCount(1, $this->lines($paper), 'A job that comes twice adds once.');
    }

    public function test_one_that_is_stopped_while_its_page_is_fetched_adds_nothing(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, self::LEAD);
        $id = $this->ids($paper)[0];
        Event::listen(RequestSending::class, function () use ($paper, $id): void {
            $this->deleteJson("/api/papers/{$paper}/lookups/{$id}")->assertNoContent();
        });
        $this->work($id);
        self::assertSame([], $this->lines($paper));
        self::assertSame([], $this->states($paper));
    }

    public function test_what_the_queue_lost_is_told_with_its_reason_and_can_be_tried_again(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, self::LEAD);
        $id = $this->ids($paper)[0];
        $this->travel(61)->seconds();
        $row = $this->getJson("/api/papers/{$paper}/lookups")->json('lookups.0');
        self::assertSame(['failed', 'not-taken-up'], [$row['state'], $row['reason']]);
        $this->postJson("/api/papers/{$paper}/lookups/{$id}/retry")->assertStatus(202);
        LookupRecord::query()->whereKey($id)->update(['state' => 'working', 'started_at' => now()]);
        $this->travel(61)->seconds();
        $row = $this->getJson("/api/papers/{$paper}/lookups")->json('lookups.0');
        self::assertSame(['failed', 'interrupted'], [$row['state'], $row['reason']]);
        self::assertStringContainsString('Try it again', $row['sentence']);
        $this->postJson("/api/papers/{$paper}/lookups/{$id}/retry")->assertStatus(202);
        $this->work($id);
        self::assertCount(1, $this->lines($paper));
    }

    public function test_what_has_waited_longest_goes_first_and_what_has_ended_counts_for_nothing(): void
    {
        $paper = $this->newPaper();
        LookupRecord::factory()->create(['paper_id' => $paper, 'guest_id' => $this->guest, 'state' => 'failed']);
        $old = LookupRecord::factory()->create(['paper_id' => $paper, 'guest_id' => $this->guest, 'created_at' => now()->subHour()]);
        $older = LookupRecord::factory()->create(['paper_id' => $paper, 'guest_id' => $this->guest, 'created_at' => now()->subDay()]);
        $this->start($paper, '10.5555/a.1');
        self::assertSame(['queued', 'queued', 'failed', 'waiting'], $this->states($paper));
        self::assertSame([$older->id, $old->id], array_slice($this->ids($paper), 0, 2));
    }

    public function test_what_has_ended_is_put_away_together_and_what_is_under_way_stays(): void
    {
        $paper = $this->newPaper();
        LookupRecord::factory()->count(3)->sequence(['state' => 'failed'], ['state' => 'added'], ['state' => 'choice'])
            ->create(['paper_id' => $paper, 'guest_id' => $this->guest]);
        $this->start($paper, '10.5555/a.1');
        $this->deleteJson("/api/papers/{$paper}/lookups")->assertNoContent();
        self::assertSame(['queued'], $this->states($paper));
    }

    public function test_one_that_waits_in_a_long_queue_is_not_given_up_while_somebody_works(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, self::LEAD);
        $this->travel(120)->seconds();
        $this->app->forgetInstance(Workers::class);
        $this->app->make(Workers::class)->sayHere();
        self::assertSame(['queued'], $this->states($paper));
    }

    public function test_a_job_that_breaks_ends_in_a_sentence_and_lets_the_next_one_begin(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, "10.5555/a.1\n10.5555/a.2\n10.5555/a.3");
        $id = $this->ids($paper)[0];
        LookupRecord::query()->whereKey($id)->update(['state' => 'working', 'started_at' => now()]);
        (new RunLookup($id))->failed(new \RuntimeException('out of memory'));
        self::assertSame(['failed', 'queued', 'queued'], $this->states($paper));
        self::assertSame('own-fault', $this->getJson("/api/papers/{$paper}/lookups")->json('lookups.0.reason'));
    }

    public function test_what_was_removed_meanwhile_gets_nothing_and_says_so(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, ['kind' => 'web-page', 'containers' => [['url' => self::LEAD]]]);
        $this->postJson("/api/papers/{$paper}/sources/{$source}/lookup", ['today' => '2026-11-24'])->assertStatus(202);
        $this->deleteJson("/api/papers/{$paper}/sources/{$source}")->assertNoContent();
        $this->work($this->ids($paper)[0]);
        self::assertSame('source-gone', $this->getJson("/api/papers/{$paper}/lookups")->json('lookups.0.reason'));
    }

    public function test_a_page_that_takes_all_the_time_there_is_ends_in_a_sentence(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, 'https://lanternlab.example/hostile');
        $begun = microtime(true);
        $this->work($this->ids($paper)[0]);
        self::assertLessThan(25, microtime(true) - $begun);
        $row = $this->getJson("/api/papers/{$paper}/lookups")->json('lookups.0');
        self::assertSame('added', $row['state'], 'Its address opens a form, as with any page that cannot be read.');
        self::assertStringContainsString('could not be read', $row['sentence']);
    }

    public function test_a_tag_without_end_is_read_as_far_as_tags_go(): void
    {
        $paper = $this->newPaper();
        $this->start($paper, 'https://lanternlab.example/attributes');
        $this->work($this->ids($paper)[0]);
        self::assertStringStartsWith('“Attributes.”', $this->lines($paper)[0]);
    }

    private function start(string $paper, string $lead): void
    {
        $this->postJson("/api/papers/{$paper}/lookups", ['id' => (string) Str::ulid(), 'lead' => $lead, 'today' => '2026-11-24'])->assertStatus(202);
    }

    /** Does what a worker would do. */
    private function work(string $id): void
    {
        $this->app->call([new RunLookup($id), 'handle']);
    }

    /** @return list<string> */
    private function states(string $paper): array
    {
        return array_column($this->getJson("/api/papers/{$paper}/lookups")->assertOk()->json('lookups'), 'state');
    }

    /** @return list<string> */
    private function ids(string $paper): array
    {
        return array_column($this->getJson("/api/papers/{$paper}/lookups")->assertOk()->json('lookups'), 'id');
    }
}
