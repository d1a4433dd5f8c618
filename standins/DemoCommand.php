<?php

declare(strict_types=1);

namespace Bibrel\Standins;

use Bibrel\App\Models\Account;
use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Illuminate\Console\Command;

final class DemoCommand extends Command
{
    protected $signature = 'bibrel:demo {--fresh : remove every paper, course, account and guest first}';

    protected $description = 'Checks the demo papers that every new guest finds a copy of';

    public function handle(DemoPapers $demo): int
    {
        if ((bool) $this->option('fresh')) {
            Paper::withTrashed()->forceDelete();
            Course::withTrashed()->forceDelete();
            Account::query()->delete();
            Guest::query()->delete();
        }
        $this->info($demo->check().' demo papers are ready.');

        return self::SUCCESS;
    }
}
