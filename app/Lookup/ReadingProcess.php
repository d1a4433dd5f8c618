<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Reading;

/** Reads pages, records and citations from outside in a process of its own. */
final readonly class ReadingProcess
{
    private const TOO_MUCH = 'This is built in such a way that it could not be read within a few seconds. '
        .'Fill in the fields from what you see in your browser.';

    public function __construct(private LimitedProcess $process)
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
        return $this->process->ask($what, $of, self::TOO_MUCH);
    }
}
