<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault\Load;

use Symfony\Component\Process\Process;

/** An installation of its own, started by bin/start as a person would start it, whose servers may be killed. */
final class Instance
{
    private ?Process $process = null;

    public function __construct(public readonly string $folder, private readonly int $port)
    {
    }

    public function url(): string
    {
        return "http://127.0.0.1:{$this->port}";
    }

    /** @param  array<string, string>  $settings */
    public function start(array $settings = []): void
    {
        $environment = self::environment([
            'BIBREL_INSTANCE' => $this->folder, 'PORT' => (string) $this->port, 'DEMO' => 'false',
            'LOOKUP_REMEMBERED_MINUTES' => '0', 'APP_ENV' => 'local', ...$settings,
        ]);
        $process = new Process([self::root().'/bin/start'], self::root(), $environment, timeout: null);
        $process->start();
        $this->process = $process;
        $told = static fn (): string => $process->getOutput().$process->getErrorOutput();
        $this->until(static fn (): bool => str_contains($told(), 'Bibrel is ready') || ! $process->isRunning(), 300, $told);
        if (! $process->isRunning()) {
            throw new \RuntimeException("bin/start ended: {$told()}");
        }
    }

    /**
     * The environment of another program: what a shell has, and nothing that an application booted in this process
     * left.
     *
     * @param  array<string, string>  $settings
     * @return array<string, string|false>
     */
    public static function environment(array $settings): array
    {
        $inherited = array_keys($_ENV + $_SERVER + getenv());
        $shell = array_flip(['PATH', 'HOME', 'USER', 'LANG', 'TERM', 'TMPDIR', 'CI']);

        return $settings + array_fill_keys(array_keys(array_diff_key(array_flip($inherited), $shell)), false);
    }

    public function stop(): void
    {
        $this->process?->stop(40, SIGTERM);
        $this->process = null;
    }

    /** What bin/start has printed. */
    public function said(): string
    {
        return $this->process?->getOutput() ?? '';
    }

    /** Ends a server as a crash would, by a word of its command line; gives the process that was killed. */
    public function kill(string $word): int
    {
        foreach (array_filter(explode("\n", (string) file_get_contents("{$this->folder}/pids"))) as $pid) {
            $command = str_replace("\0", ' ', (string) @file_get_contents("/proc/{$pid}/cmdline"));
            if (str_contains($command, $word)) {
                posix_kill((int) $pid, SIGKILL);

                return (int) $pid;
            }
        }

        throw new \RuntimeException("No server with “{$word}” in its command line is running.");
    }

    /** Whether everything after the application answers. */
    public function isUp(): bool
    {
        $status = 0;
        $handle = curl_init("{$this->url()}/up");
        curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 5]);
        curl_exec($handle);
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);

        return $status === 200;
    }

    /** Bytes of all logs of the application and its servers. */
    public function logged(): int
    {
        $files = [...(glob("{$this->folder}/*.log") ?: []), ...(glob("{$this->folder}/storage/logs/*") ?: [])];
        clearstatcache();

        return array_sum(array_map(static fn (string $file): int => (int) filesize($file), $files));
    }

    /** @param  \Closure(): bool  $condition */
    public function until(\Closure $condition, float $seconds, string|\Closure $told): void
    {
        $end = microtime(true) + $seconds;
        while (! $condition()) {
            if (microtime(true) > $end) {
                throw new \RuntimeException(is_string($told) ? $told : $told());
            }
            usleep(100_000);
        }
    }

    private static function root(): string
    {
        return dirname(__DIR__, 3);
    }
}
