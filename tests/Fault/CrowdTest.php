<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault;

use Bibrel\Tests\Fault\Load\Answer;
use Bibrel\Tests\Fault\Load\Crowd;
use Bibrel\Tests\Fault\Load\Visitor;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Str;

/** Many at once: nobody is turned away, and nothing of anybody is lost. */
final class CrowdTest extends FaultTestCase
{
    public function test_fifty_editors_on_fifty_papers_and_ten_on_one_for_a_minute(): void
    {
        $visitors = $this->crowd->arrive(51);
        $papers = array_map($this->crowd->paper(...), $visitors);
        $together = array_pop($visitors);
        $shared = array_pop($papers);
        $source = (string) Str::ulid();
        $together->call('PUT', "papers/{$shared}/sources/{$source}", ['version' => 0, 'source' => Crowd::book('Together')])->wait();
        $until = microtime(true) + 60;
        [$acknowledged, $marks, $work] = [[], [], []];
        foreach ($visitors as $i => $visitor) {
            $work[] = $this->crowd->type($visitor, $papers[$i], $until, $acknowledged);
        }
        for ($i = 0; $i < 10; $i++) {
            $work[] = $this->crowd->mark($this->crowd->tab($together), $shared, $source, "e{$i}", $until, $marks);
        }
        $this->crowd->wait($work);

        $figures = $this->crowd->figures;
        self::assertSame(0, $figures->outside('saves', 200, 201), $figures->line('saves'));
        self::assertSame(0, $figures->outside('saves of one source by ten', 200, 409), $figures->line('saves of one source by ten'));
        self::assertGreaterThan(1000, $figures->all('saves'));
        foreach ($visitors as $i => $visitor) {
            $saved = $visitor->call('GET', "papers/{$papers[$i]}")->wait()->json['sources'][0];
            self::assertSame("Typed {$acknowledged[$saved['id']]}", $saved['source']['title']['main']);
        }
        $annotation = explode(' ', (string) $together->call('GET', "papers/{$shared}/sources/{$source}")->wait()->json['source']['annotation']);
        self::assertGreaterThan(30, count($marks));
        self::assertEqualsCanonicalizing($marks, $annotation, 'Every acknowledged change is there, once.');
    }

    public function test_creating_in_bursts_meets_no_error(): void
    {
        $visitors = $this->crowd->arrive(50);
        $papers = array_map($this->crowd->paper(...), $visitors);
        for ($round = 0; $round < 6; $round++) {
            $this->crowd->wait(array_map(static fn (Visitor $one, string $paper): PromiseInterface => $one->call(
                'PUT',
                "papers/{$paper}/sources/".Str::ulid(),
                ['version' => 0, 'source' => Crowd::book("Round {$round}")],
                counted: 'new sources',
            ), $visitors, $papers));
        }
        self::assertSame([201 => 300], $this->crowd->figures->statuses('new sources'), $this->crowd->figures->line('new sources'));

        $begin = static fn (Visitor $one): PromiseInterface => $one->call('PUT', 'papers/'.Str::ulid(), ['version' => 0, 'title' => 'x', 'style' => 'mla-9'], counted: 'new papers');
        $this->crowd->wait(array_merge(...array_map(static fn (Visitor $one): array => array_map(static fn (): PromiseInterface => $begin($one), range(1, 6)), $visitors)));
        self::assertSame([201 => 300], $this->crowd->figures->statuses('new papers'), $this->crowd->figures->line('new papers'));

        // Fifty sources at one moment on one paper, and the same paper and source begun twice at one moment.
        $all = array_map(fn (): PromiseInterface => $visitors[0]->call('PUT', "papers/{$papers[0]}/sources/".Str::ulid(), ['version' => 0, 'source' => Crowd::book('One paper')], counted: 'on one paper'), range(1, 50));
        $this->crowd->wait($all);
        self::assertSame([201 => 50], $this->crowd->figures->statuses('on one paper'), $this->crowd->figures->line('on one paper'));
        $twice = (string) Str::ulid();
        $this->crowd->wait(array_map(static fn (): PromiseInterface => $visitors[1]->call('PUT', "papers/{$twice}", ['version' => 0, 'title' => 'x', 'style' => 'mla-9'], counted: 'twice'), range(1, 4)));
        self::assertSame(0, $this->crowd->figures->outside('twice', 200, 201), $this->crowd->figures->line('twice'));
        self::assertSame(1, $this->crowd->figures->statuses('twice')[201]);
    }

    public function test_of_two_changes_on_one_version_one_is_acknowledged_and_nothing_acknowledged_is_lost(): void
    {
        $visitor = $this->crowd->arrive(1)[0];
        $paper = $this->crowd->paper($visitor);
        for ($i = 0; $i < 20; $i++) {
            $source = "papers/{$paper}/sources/".Str::ulid();
            $visitor->call('PUT', $source, ['version' => 0, 'source' => Crowd::book('Whole')])->wait();
            $this->crowd->wait([
                $visitor->call('PUT', $source, ['version' => 1, 'source' => Crowd::book("Typed {$i}")], counted: 'typed'),
                $visitor->call('POST', "{$source}/part", ['version' => 1], counted: 'made a part'),
            ]);
            $now = $visitor->call('GET', $source)->wait()->json;
            self::assertSame(2, $now['version']);
            $title = $now['source']['kind'] === 'chapter' ? 'Whole: Mills of the Tidal Coast' : "Typed {$i}";
            self::assertSame($title, $now['source']['title']['main'] ?? $now['source']['containers'][0]['title']);
        }
        $good = ($this->crowd->figures->statuses('typed')[200] ?? 0) + ($this->crowd->figures->statuses('made a part')[200] ?? 0);
        $stale = ($this->crowd->figures->statuses('typed')[409] ?? 0) + ($this->crowd->figures->statuses('made a part')[409] ?? 0);
        self::assertSame([20, 20], [$good, $stale]);

        // A source is looked up again while it is typed into.
        $source = "papers/{$paper}/sources/".Str::ulid();
        $page = ['kind' => 'web-page', 'title' => ['main' => 'Start'], 'containers' => [['url' => 'https://www.slackwater.example/grain-by-moonlight']]];
        $version = $visitor->call('PUT', $source, ['version' => 0, 'source' => $page])->wait()->json['version'];
        $visitor->call('POST', "{$source}/lookup", ['today' => '2026-11-24'])->wait();
        for ($i = 0, $end = microtime(true) + 3; microtime(true) < $end; $i++) {
            $answer = $visitor->call('PUT', $source, ['version' => $version, 'source' => ['title' => ['main' => "Typed {$i}"]] + $page])->wait();
            self::assertContains($answer->status, [200, 409]);
            $version = $answer->status === 409 ? $answer->json['theirs']['version'] : $answer->json['version'];
            $typed = $answer->status === 200 ? "Typed {$i}" : ($typed ?? 'Start');
        }
        $now = $visitor->call('GET', $source)->wait()->json;
        self::assertSame($typed ?? '', $now['source']['title']['main']);
        self::assertArrayHasKey('title.main', $now['reading']['findings']);
    }

    public function test_first_requests_that_come_at_once_give_the_first_papers_once(): void
    {
        $visitor = $this->crowd->arrive(1)[0];
        $this->crowd->wait(array_map(static fn (): PromiseInterface => $visitor->call('GET', 'papers', counted: 'first'), range(1, 4)));
        self::assertSame([200 => 4], $this->crowd->figures->statuses('first'));
        self::assertCount(3, $visitor->call('GET', 'papers')->wait()->json['papers'], 'Two of their own, and one that is shared with them.');
    }

    public function test_a_class_that_begins_at_once_behind_one_address_meets_no_limit(): void
    {
        $first = $this->crowd->arrive(1)[0];
        $same = array_map(fn (): Visitor => $this->crowd->after($first), range(1, 35));
        $this->crowd->wait(array_map(static fn (Visitor $one): PromiseInterface => $one->arrive(), $same));
        $this->crowd->wait(array_map(static fn (Visitor $one): PromiseInterface => $one->call('GET', 'papers', counted: 'lists'), $same));
        self::assertSame([200 => 35], $this->crowd->figures->statuses('lists'));
        $papers = array_map($this->crowd->paper(...), $same);
        $acknowledged = [];
        $until = microtime(true) + 10;
        $work = array_map(fn (Visitor $one, string $paper): PromiseInterface => $this->crowd->type($one, $paper, $until, $acknowledged, 0.8), $same, $papers);
        $leads = array_map(static fn (Visitor $one, string $paper): PromiseInterface => $one->call(
            'POST',
            "papers/{$paper}/lookups",
            ['id' => (string) Str::ulid(), 'lead' => 'https://www.slackwater.example/mill-twice-a-day', 'today' => '2026-11-24'],
            counted: 'look-ups',
        ), $same, $papers);
        $this->crowd->wait([...$work, ...$leads]);
        self::assertSame(0, $this->crowd->figures->outside('saves', 200, 201), $this->crowd->figures->line('saves'));
        self::assertSame([202 => 35], $this->crowd->figures->statuses('look-ups'));
    }

    public function test_one_who_cannot_stop_is_slowed_down_and_nobody_else(): void
    {
        [$busy, $calm] = $this->crowd->arrive(2);
        [$paper, $other] = [$this->crowd->paper($busy), $this->crowd->paper($calm)];
        $look = static fn (Visitor $one, string $paper, string $counted): PromiseInterface => $one->call(
            'POST',
            "papers/{$paper}/lookups",
            ['id' => (string) Str::ulid(), 'lead' => '10.5555/no.such', 'today' => '2026-11-24'],
            counted: $counted,
        );
        $this->crowd->wait(array_map(static fn (): PromiseInterface => $look($busy, $paper, 'busy'), range(1, 70)));
        // The count of the file store may miss one where two come at the same moment.
        self::assertEqualsWithDelta(60, $this->crowd->figures->statuses('busy')[202], 6);
        self::assertSame(0, $this->crowd->figures->outside('busy', 202, 429));
        /** @var Answer $answer */
        $answer = $look($calm, $other, 'calm')->wait();
        self::assertSame(202, $answer->status);
    }
}
