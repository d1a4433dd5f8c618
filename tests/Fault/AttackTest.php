<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault;

use Bibrel\Tests\Fault\Load\Visitor;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** One guest looks up what never answers, or what is built to be never read, while others type. */
final class AttackTest extends FaultTestCase
{
    #[DataProvider('attacks')]
    public function test_every_save_is_served_meanwhile_and_the_look_ups_end_in_a_sentence(string $address, string $reason): void
    {
        $typists = $this->crowd->arrive(6);
        $papers = array_map($this->crowd->paper(...), $typists);
        $attacker = $this->crowd->arrive(1)[0];
        $target = $this->crowd->paper($attacker);
        $attack = static fn (): PromiseInterface => $attacker->call(
            'POST',
            "papers/{$target}/lookups",
            ['id' => (string) Str::ulid(), 'lead' => $address, 'today' => '2026-11-24'],
            counted: 'look-ups',
        );
        $acknowledged = [];
        $until = microtime(true) + 25;
        $typing = array_map(
            fn (Visitor $one, string $paper): PromiseInterface => $this->crowd->type($one, $paper, $until, $acknowledged, 0.4),
            $typists,
            $papers,
        );
        $this->crowd->wait([...array_map($attack, range(1, 8)), ...$typing]);

        $figures = $this->crowd->figures;
        self::assertSame(0, $figures->outside('saves', 200, 201), $figures->line('saves'));
        self::assertGreaterThan(200, $figures->all('saves'));
        self::assertSame([202 => 8], $figures->statuses('look-ups'));
        $rows = $attacker->call('GET', "papers/{$target}/lookups")->wait()->json['lookups'];
        $ended = array_filter($rows, static fn (array $row): bool => $row['state'] === 'added');
        self::assertNotSame([], $ended);
        self::assertStringContainsString($reason, array_values($ended)[0]['sentence']);
        self::assertLessThanOrEqual(2, count(array_filter($rows, static fn (array $row): bool => in_array($row['state'], ['queued', 'working'], true))));
        // Another guest's look-up is carried out while those of the attacker go on.
        $typists[0]->call('POST', "papers/{$papers[0]}/lookups", ['id' => $id = (string) Str::ulid(), 'lead' => '10.5555/jch.2016.0123', 'today' => '2026-11-24'])->wait();
        $states = static fn (): array => array_column($typists[0]->call('GET', "papers/{$papers[0]}/lookups")->wait()->json['lookups'], 'state', 'id');
        self::instance()->until(static fn (): bool => $states()[$id] === 'added', 10, 'Somebody else’s look-up waits '
            .'for the attacker’s.');
        foreach ($rows as $row) {
            $attacker->call('DELETE', "papers/{$target}/lookups/{$row['id']}")->wait();
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function attacks(): iterable
    {
        yield 'eight that never answer' => ['https://lanternlab.example/never', 'took longer than 15 seconds'];
        yield 'eight that cannot be read' => ['https://lanternlab.example/hostile', 'could not be read'];
    }
}
