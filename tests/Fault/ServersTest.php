<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault;

use PHPUnit\Framework\Attributes\DataProvider;

/** Servers that die are started again, and what was acknowledged before is there afterwards. */
final class ServersTest extends FaultTestCase
{
    #[DataProvider('servers')]
    public function test_a_server_that_is_killed_is_started_again_and_it_says_so(string $name, string $word): void
    {
        $instance = self::instance();
        $told = static fn (): int => (int) preg_match_all("/^{$name}(?: \d)? had ended; it is started again\./m", $instance->said());
        $before = $told();
        $killed = $instance->kill($word);
        $instance->until(static fn (): bool => $told() > $before, 20, fn (): string => $instance->said());
        $instance->until($instance->isUp(...), 40, "After {$name} was killed, not everything answers again.");
        self::assertNotSame($killed, $instance->kill($word), 'Another process has taken its place.');
        $instance->until($instance->isUp(...), 40, "After {$name} was killed a second time, not everything answers "
            .'again.');
    }

    /** @return iterable<string, array{string, string}> */
    public static function servers(): iterable
    {
        yield 'database' => ['MariaDB', 'mariadbd'];
        yield 'PHP' => ['PHP', 'php-fpm'];
        yield 'web server' => ['The web server', 'nginx'];
        yield 'worker' => ['Look-up worker', 'queue:work'];
        yield 'scheduler' => ['The scheduler', 'schedule:work'];
        yield 'stand-ins' => ['The stand-in world', 'standins/router.php'];
    }

    public function test_no_acknowledged_save_is_lost_when_the_database_is_killed_in_the_middle_of_saves(): void
    {
        $logged = self::instance()->logged();
        $visitors = $this->crowd->arrive(12);
        $papers = array_map($this->crowd->paper(...), $visitors);
        $acknowledged = [];
        $until = microtime(true) + 24;
        $typing = [];
        foreach ($visitors as $i => $visitor) {
            $typing[] = $this->crowd->type($visitor, $papers[$i], $until, $acknowledged, 0.15);
        }
        $killer = self::killEvery(7, 3);
        $this->crowd->wait($typing);
        proc_close($killer);
        self::instance()->until(self::instance()->isUp(...), 60, 'The database did not come back.');

        self::assertSame(0, $this->crowd->figures->outside('saves', 200, 201, 503), $this->crowd->figures->line('saves'));
        self::assertGreaterThan(0, $this->crowd->figures->statuses('saves')[503] ?? 0, 'The database was away for a while.');
        $kept = 0;
        foreach ($visitors as $i => $visitor) {
            foreach ($visitor->call('GET', "papers/{$papers[$i]}")->wait()->json['sources'] as $source) {
                $typed = (int) substr((string) $source['source']['title']['main'], 6);
                self::assertGreaterThanOrEqual($acknowledged[$source['id']], $typed, 'An acknowledged save is missing.');
                $kept += $typed;
            }
        }
        self::assertGreaterThan(200, $kept);
        self::assertSame(12, count($acknowledged));
        self::assertLessThan(400_000, self::instance()->logged() - $logged, 'Three outages fill no disk.');
    }

    /**
     * Kills the database again and again, from a process of its own.
     *
     * @return resource
     */
    private static function killEvery(int $seconds, int $times)
    {
        $pid = self::instance()->folder.'/mariadb.pid';
        $script = "for i in $(seq {$times}); do sleep {$seconds}; kill -KILL \$(cat {$pid}); done";

        return proc_open(['bash', '-c', $script], [], $pipes) ?: throw new \RuntimeException('No process could be started.');
    }
}
