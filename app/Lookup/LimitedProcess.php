<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Reads what came from outside in a process of its own, with limits of time and memory that nothing in a document can
 * reach past. bin/support/reader.php is the other end.
 */
final readonly class LimitedProcess
{
    /**
     * @param  int  $seconds  of processor time, and of waiting for it
     * @param  int  $megabytes  of memory in all
     * @param  string  $folder  where the compiled reader is kept between two readings
     */
    public function __construct(private int $seconds, private int $megabytes, private string $folder)
    {
    }

    /**
     * @param  array<string, mixed>  $of  plain values
     * @param  string  $tooMuch  the sentence for what cannot be read within the limits
     * @return array<mixed>
     *
     * @throws LookupFailed
     */
    public function ask(string $what, array $of, string $tooMuch): array
    {
        $process = new Process([
            '/bin/sh', '-c', 'ulimit -v "$1" -t "$2"; shift 2; exec nice -n 10 "$@"', 'reader',
            (string) ($this->megabytes * 1024), (string) $this->seconds, ...$this->command(),
        ]);
        $process->setTimeout($this->seconds);
        $process->setInput(serialize(['what' => $what] + $of));
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw LookupFailed::because(Reason::TooMuchToRead, $tooMuch);
        }
        $answer = json_decode($process->getOutput(), true);
        if (! is_array($answer)) {
            throw LookupFailed::because(Reason::TooMuchToRead, $tooMuch);
        }

        return isset($answer['unreadable'])
            ? throw LookupFailed::because(Reason::Unreadable, (string) $answer['unreadable'])
            : $answer['read'];
    }

    /** @return list<string> */
    private function command(): array
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0700, true);
        }
        $settings = [
            'memory_limit='.intdiv($this->megabytes, 2).'M',
            'display_errors=0',
            // Compiled once and kept in files, so that beginning costs little.
            'opcache.enable_cli=1',
            'opcache.file_cache='.$this->folder,
            'opcache.file_cache_only=1',
        ];
        $php = (new PhpExecutableFinder)->find(false) ?: 'php';

        $given = array_map(static fn (string $one): array => ['-d', $one], $settings);

        return [$php, ...array_merge(...$given), base_path('bin/support/reader.php')];
    }
}
