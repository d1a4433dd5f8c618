<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault;

use Bibrel\Tests\Fault\Load\Crowd;
use Bibrel\Tests\Fault\Load\Instance;
use PHPUnit\Framework\TestCase;

/**
 * What breaks while Bibrel runs. All of these share one installation, started for the first and ended after the last.
 */
abstract class FaultTestCase extends TestCase
{
    private static ?Instance $instance = null;

    protected Crowd $crowd;

    protected function setUp(): void
    {
        $this->crowd = new Crowd(self::instance()->url());
        self::instance()->until(self::instance()->isUp(...), 60, 'Not everything answers before the test.');
    }

    protected static function instance(): Instance
    {
        if (self::$instance === null) {
            $folder = dirname(__DIR__, 2).'/var/fault';
            exec('rm -rf '.escapeshellarg($folder));
            self::$instance = new Instance($folder, (int) (getenv('FAULT_PORT') ?: 18_200));
            self::$instance->start(['DEMO' => 'true']);
            register_shutdown_function(static fn () => self::$instance?->stop());
        }

        return self::$instance;
    }
}
