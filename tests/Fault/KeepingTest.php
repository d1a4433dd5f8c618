<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault;

use Bibrel\Tests\Fault\Load\Crowd;
use Bibrel\Tests\Fault\Load\Instance;
use Illuminate\Support\Str;
use Symfony\Component\Process\Process;

/** A backup that is taken while people type, put back into an empty installation; and an installation by the book. */
final class KeepingTest extends FaultTestCase
{
    private const ROOT = __DIR__.'/../..';

    /** @var list<string> folders to be taken away */
    private array $folders = [];

    protected function tearDown(): void
    {
        foreach ($this->folders as $folder) {
            exec('rm -rf '.escapeshellarg($folder));
        }
    }

    public function test_a_backup_taken_while_people_type_is_put_back_into_an_empty_installation(): void
    {
        $visitor = $this->crowd->arrive(1)[0];
        $paper = $this->crowd->paper($visitor);
        $acknowledged = [];
        $this->crowd->wait([$this->crowd->type($visitor, $paper, microtime(true) + 2, $acknowledged, 0.1)]);
        $before = $visitor->call('GET', "papers/{$paper}")->wait()->json;

        $folder = $this->folder('restored');
        $file = "{$folder}/bibrel.backup";
        mkdir($folder, 0700, true);
        $typing = $this->crowd->type($visitor, $paper, microtime(true) + 4, $acknowledged, 0.1);
        $backup = $this->ran(['bin/backup', $file], ['BIBREL_INSTANCE' => self::instance()->folder]);
        $this->crowd->wait([$typing]);
        self::assertSame(0, $backup->getExitCode(), $backup->getErrorOutput());
        self::assertSame('0600', substr(sprintf('%o', (int) fileperms($file)), -4), 'It is as secret as the key in it.');

        $settings = ['BIBREL_INSTANCE' => "{$folder}/instance", 'PORT' => '18300'];
        $restore = $this->ran(['bin/restore', $file], $settings);
        self::assertSame(0, $restore->getExitCode(), $restore->getErrorOutput());
        self::assertStringContainsString('papers. Start Bibrel anew', $restore->getOutput());
        $restored = new Instance("{$folder}/instance", 18_300);
        $restored->start();
        try {
            // The same browser with the same cookie.
            $there = new Crowd($restored->url());
            $same = $there->tab($visitor);
            $same->arrive()->wait();
            $after = $same->call('GET', "papers/{$paper}")->wait()->json;
            foreach ($before['sources'] as $source) {
                $kept = array_column($after['sources'], null, 'id')[$source['id']] ?? null;
                self::assertNotNull($kept);
                self::assertGreaterThanOrEqual($source['version'], $kept['version']);
            }
            $again = $this->ran(['bin/restore', $file], $settings);
            self::assertSame(1, $again->getExitCode());
            self::assertStringContainsString('--replace', $again->getErrorOutput(), 'What is there is not written '
                .'over unasked.');
        } finally {
            $restored->stop();
        }
    }

    public function test_an_installation_with_exactly_the_settings_that_are_documented_does_its_job(): void
    {
        $folder = $this->folder('deployed');
        foreach (['cache', 'storage/framework/views', 'storage/framework/cache/data', 'storage/logs'] as $inside) {
            mkdir("{$folder}/{$inside}", 0700, true);
        }
        self::assertSame(1, preg_match('/```env\n(.*?)```/s', (string) file_get_contents(self::ROOT.'/docs/deployment.md'), $documented));
        $secrets = parse_ini_file(self::instance()->folder.'/.env', false, INI_SCANNER_RAW) ?: [];
        $known = ['APP_KEY' => $secrets['APP_KEY'], 'DB_PORT' => $secrets['DB_PORT'], 'DB_DATABASE' => 'deployed', 'DB_USERNAME' => 'deployed', 'DB_PASSWORD' => 'made-for-this-test'];
        $settings = (string) preg_replace_callback('/^(\w+)=(.*)$/m', static fn (array $m): string => $m[1].'='.($known[$m[1]] ?? $m[2]), $documented[1]);
        file_put_contents("{$folder}/.env", $settings);
        $socket = '/tmp/bibrel-'.substr(hash('sha256', self::instance()->folder), 0, 10).'-db.sock';
        $sql = "create or replace database deployed; create or replace user 'deployed'@'127.0.0.1' identified by "
            ."'made-for-this-test'; grant all on deployed.* to 'deployed'@'127.0.0.1';";
        self::assertSame(0, $this->ran(['mariadb', '--no-defaults', "--socket={$socket}", '-u', 'root', '-e', $sql], [])->getExitCode());

        $artisan = fn (string ...$command): Process => $this->ran(['php', 'artisan', ...$command], ['BIBREL_INSTANCE' => $folder]);
        foreach ([['migrate', '--force'], ['optimize'], ['bibrel:prune']] as $command) {
            self::assertSame(0, $artisan(...$command)->getExitCode(), $artisan(...$command)->getOutput());
        }
        $served = new Process(['php', '-q', '-S', '127.0.0.1:18310', '-t', 'public', 'public/index.php'], self::ROOT, Instance::environment(['BIBREL_INSTANCE' => $folder]), timeout: null);
        $served->start();
        try {
            self::instance()->until(static fn (): bool => @fsockopen('127.0.0.1', 18_310) !== false, 10, 'It is not served.');
            $crowd = new Crowd('http://127.0.0.1:18310');
            $visitor = $crowd->arrive(1)[0];
            $paper = $crowd->paper($visitor);
            $record = "TY  - BOOK\nAU  - Brook, Halima\nTI  - Moonpower\nPB  - Quayside Press\nPY  - 2014\nER  - ";
            $asked = ['id' => (string) Str::ulid(), 'lead' => $record, 'today' => '2026-11-24'];
            self::assertSame(202, $visitor->call('POST', "papers/{$paper}/lookups", $asked)->wait()->status);
            self::assertSame(0, $artisan('queue:work', 'database', '--once', '--tries=1')->getExitCode());
            $page = $visitor->call('GET', "papers/{$paper}")->wait()->json['page'];
            self::assertSame('Brook, Halima. Moonpower. Quayside Press, 2014.', implode('', array_column($page['entries'][0]['runs'], 0)));
            self::assertSame([], $visitor->call('GET', 'bin')->wait()->json);
        } finally {
            $served->stop(5, SIGTERM);
        }
    }

    private function folder(string $name): string
    {
        $folder = realpath(self::ROOT)."/var/{$name}";
        exec('rm -rf '.escapeshellarg($folder));

        return $this->folders[] = $folder;
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    private function ran(array $command, array $environment): Process
    {
        $process = new Process($command, self::ROOT, Instance::environment($environment), timeout: 120);
        $process->run();

        return $process;
    }
}
