<?php

declare(strict_types=1);

namespace Bibrel\App\Console;

use Bibrel\App\Papers\Demo;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'bibrel:demo {--fresh : remove every paper first}';

    protected $description = 'Loads the two demo papers that every new guest finds a copy of';

    public function handle(Demo $demo): int
    {
        if ((bool) $this->option('fresh')) {
            $demo->reset();
        }
        $this->info($demo->check().' demo papers are ready.');

        return self::SUCCESS;
    }
}
