<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Catalogue\CatalogueRecord;
use Bibrel\Core\Read\Catalogue\SruAnswer;
use Bibrel\Core\Read\Unreadable;

/** A library catalogue that speaks SRU with MARCXML. */
final readonly class Catalogue
{
    private const MOST = 20;

    public function __construct(private Fetcher $fetcher, private string $base)
    {
    }

    /**
     * @return list<CatalogueRecord>
     *
     * @throws LookupFailed
     */
    public function byIsbn(string $isbn): array
    {
        return $this->search(["bath.isbn=\"{$isbn}\""]);
    }

    /**
     * @return list<CatalogueRecord>
     *
     * @throws LookupFailed
     */
    public function byId(string $id): array
    {
        return $this->search(["rec.id=\"{$id}\""]);
    }

    /**
     * Records whose title has these words; where none does, those that have them anywhere.
     *
     * @return list<CatalogueRecord>
     *
     * @throws LookupFailed
     */
    public function byTitle(string $title, string $author = ''): array
    {
        $by = $author === '' ? [] : ['dc.creator='.self::quoted($author)];
        $found = $this->search(['dc.title='.self::quoted($title), ...$by]);

        return $found !== [] ? $found : $this->search(['cql.anywhere='.self::quoted($title), ...$by]);
    }

    /**
     * @param  non-empty-list<string>  $clauses
     * @return list<CatalogueRecord>
     *
     * @throws LookupFailed
     */
    private function search(array $clauses): array
    {
        if ($this->base === '') {
            throw new LookupFailed('No library catalogue is set up here. Fill in the fields by hand.');
        }
        $url = $this->base.'?'.http_build_query(['operation' => 'searchRetrieve', 'version' => '1.2', 'recordSchema' => 'marcxml', 'maximumRecords' => self::MOST, 'query' => implode(' and ', $clauses)]);
        try {
            return SruAnswer::parse($this->fetcher->fetch($url, 'application/xml', '~xml~i')->body)->records;
        } catch (Unreadable $problem) {
            throw new LookupFailed($problem->getMessage().' Try again later, or fill in the fields by hand.');
        }
    }

    private static function quoted(string $words): string
    {
        return '"'.trim((string) preg_replace('/[^\p{L}\p{N}\s’\'-]+/u', ' ', $words)).'"';
    }
}
