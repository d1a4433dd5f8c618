<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Catalogue\RegistryRecord;

/** A DOI registry: content negotiation for one DOI, and a search over titles. */
final readonly class DoiRegistry
{
    private const CSL = 'application/vnd.citationstyles.csl+json';

    private const MOST = 8;

    /**
     * @param  string  $base  where a DOI resolves, "https://doi.example"
     * @param  string  $search  where titles are searched, "https://doi.example/works"
     */
    public function __construct(private Fetcher $fetcher, private string $base, private string $search)
    {
    }

    /** @throws LookupFailed */
    public function find(string $doi, Deadline $deadline): RegistryRecord
    {
        if ($this->base === '') {
            $sentence = 'No DOI registry is set up here. Fill in the fields by hand; the DOI is kept.';
            throw LookupFailed::because(Reason::NotSetUp, $sentence);
        }
        try {
            $url = rtrim($this->base, '/').'/'.str_replace('%2F', '/', rawurlencode($doi));
            $answer = $this->fetcher->fetch(Wanted::json($url, self::CSL), $deadline);
        } catch (LookupFailed $failure) {
            throw $failure->reason !== Reason::NoSuchPage ? $failure : LookupFailed::because(
                Reason::NoMatch,
                'The registry knows no such DOI. Compare it with the one on the article, character by character.',
            );
        }
        $item = json_decode($answer->body, true, 64);
        if (! is_array($item) || ! isset($item['title'])) {
            $sentence = 'The registry’s answer to this DOI cannot be read. Fill in the fields by hand; the DOI is '
                .'kept.';
            throw LookupFailed::because(Reason::Unreadable, $sentence);
        }

        return new RegistryRecord(['DOI' => $doi, ...$item]);
    }

    /**
     * @return list<RegistryRecord> best first, as the registry ranks them
     *
     * @throws LookupFailed
     */
    public function search(string $title, string $author, Deadline $deadline): array
    {
        if ($this->search === '') {
            $sentence = 'No registry of articles is set up here. Fill in the fields by hand.';
            throw LookupFailed::because(Reason::NotSetUp, $sentence);
        }
        $asked = array_filter(['query.title' => $title, 'query.author' => $author, 'rows' => self::MOST]);
        $url = $this->search.'?'.http_build_query($asked);
        $answer = json_decode($this->fetcher->fetch(Wanted::json($url), $deadline)->body, true, 64);
        $items = is_array($answer) ? ($answer['message']['items'] ?? $answer['items'] ?? []) : [];

        return array_values(
            array_map(
                static fn (array $item): RegistryRecord => new RegistryRecord($item),
                array_filter(is_array($items) ? $items : [], is_array(...)),
            ),
        );
    }
}
