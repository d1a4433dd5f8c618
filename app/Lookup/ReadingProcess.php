<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Reading;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Reads what came from outside in a process of its own, with limits of time and memory that nothing in a document can
 * reach past. bin/support/reader.php is the other end.
 */
final readonly class ReadingProcess
{
    private const TOO_MUCH = 'This is built in such a way that it could not be read within a few seconds. '
        .'Fill in the fields from what you see in your browser.';

    /**
     * @param  int  $seconds  of processor time, and of waiting for it
     * @param  int  $megabytes  of memory in all
     * @param  string  $folder  where the compiled reader is kept between two readings
     */
    public function __construct(private int $seconds, private int $megabytes, private string $folder)
    {
    }

    /**
     * @return array{oembed: string, feed: string, ris: string} the documents a page points to
     *
     * @throws LookupFailed
     */
    public function links(FetchedPage $page): array
    {
        /** @var array{oembed: string, feed: string, ris: string} $links */
        $links = $this->ask('links', ['body' => $page->body, 'type' => $page->contentType, 'url' => $page->url]);

        return $links;
    }

    /**
     * @param  array<string, string>  $linked  the documents it points to, by what they are
     *
     * @throws LookupFailed
     */
    public function page(FetchedPage $page, array $linked): Reading
    {
        return Reading::fromArray($this->ask('page', [
            'body' => $page->body,
            'type' => $page->contentType,
            'url' => $page->url,
            'linked' => $linked,
        ]));
    }

    /** @throws LookupFailed */
    public function picture(FetchedPage $file): Reading
    {
        return Reading::fromArray($this->ask('picture', ['body' => $file->body, 'url' => $file->url]));
    }

    /** @throws LookupFailed */
    public function citation(string $text): Reading
    {
        return Reading::fromArray($this->ask('citation', ['body' => $text]));
    }

    /**
     * @param  int  $most  how many records are taken at once
     * @return list<Reading>
     *
     * @throws LookupFailed
     */
    public function records(string $text, int $most): array
    {
        $read = $this->ask('records', ['body' => $text, 'most' => $most]);

        return array_values(array_map(Reading::fromArray(...), $read));
    }

    /**
     * @param  array<string, mixed>  $of
     * @return array<mixed>
     *
     * @throws LookupFailed
     */
    private function ask(string $what, array $of): array
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
            throw LookupFailed::because(Reason::TooMuchToRead, self::TOO_MUCH);
        }
        $answer = json_decode($process->getOutput(), true);
        if (! is_array($answer)) {
            throw LookupFailed::because(Reason::TooMuchToRead, self::TOO_MUCH);
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
