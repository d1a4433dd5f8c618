<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault;

use Bibrel\Tests\Fault\Load\Instance;
use Symfony\Component\Process\Process;

/** Ten people edit one paper for a minute, each through the interface's own outbox (tests/Together). */
final class TogetherTest extends FaultTestCase
{
    public function test_ten_people_at_one_paper_lose_nothing_and_end_with_the_same_page(): void
    {
        $root = dirname(__DIR__, 2);
        $process = new Process(
            ['npx', 'vitest', 'run', '--root', '.', '--dir', 'tests/Together'],
            $root,
            Instance::environment(['BIBREL_TOGETHER' => self::instance()->url()]),
            timeout: 240,
        );
        $process->run();
        self::assertSame(0, $process->getExitCode(), $process->getOutput().$process->getErrorOutput());
        self::assertStringContainsString('1 passed', $process->getOutput());
    }
}
