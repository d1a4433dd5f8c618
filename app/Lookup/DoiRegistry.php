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
    public function find(string $doi): RegistryRecord
    {
        if ($this->base === '') {
            throw new LookupFailed('No DOI registry is set up here. Fill in the fields by hand; the DOI is kept.');
        }
        try {
            $answer = $this->fetcher->fetch(rtrim($this->base, '/').'/'.str_replace('%2F', '/', rawurlencode($doi)), self::CSL, '~json~i');
        } catch (LookupFailed $failure) {
            throw str_contains($failure->getMessage(), '404') ? new LookupFailed('The registry knows no such DOI. Compare it with the one on the article, character by character.') : $failure;
        }
        $item = json_decode($answer->body, true, 64);
        if (! is_array($item) || ! isset($item['title'])) {
            throw new LookupFailed('The registry’s answer to this DOI cannot be read. Fill in the fields by hand; the DOI is kept.');
        }

        return new RegistryRecord(['DOI' => $doi, ...$item]);
    }

    /**
     * @return list<RegistryRecord> best first, as the registry ranks them
     *
     * @throws LookupFailed
     */
    public function search(string $title, string $author = ''): array
    {
        if ($this->search === '') {
            throw new LookupFailed('No registry of articles is set up here. Fill in the fields by hand.');
        }
        $url = $this->search.'?'.http_build_query(array_filter(['query.title' => $title, 'query.author' => $author, 'rows' => self::MOST]));
        $answer = json_decode($this->fetcher->fetch($url, 'application/json', '~json~i')->body, true, 64);
        $items = is_array($answer) ? ($answer['message']['items'] ?? $answer['items'] ?? []) : [];

        return array_values(array_map(static fn (array $item): RegistryRecord => new RegistryRecord($item), array_filter(is_array($items) ? $items : [], is_array(...))));
    }
}
