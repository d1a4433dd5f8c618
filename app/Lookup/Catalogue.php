<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Catalogue\CatalogueRecord;
use Bibrel\Core\Read\Catalogue\SruAnswer;

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
    public function byIsbn(string $isbn, Deadline $deadline): array
    {
        return $this->search(["bath.isbn=\"{$isbn}\""], $deadline);
    }

    /**
     * @return list<CatalogueRecord>
     *
     * @throws LookupFailed
     */
    public function byId(string $id, Deadline $deadline): array
    {
        return $this->search(["rec.id=\"{$id}\""], $deadline);
    }

    /**
     * Records whose title has these words; where none does, those that have them anywhere.
     *
     * @return list<CatalogueRecord>
     *
     * @throws LookupFailed
     */
    public function byTitle(string $title, string $author, Deadline $deadline): array
    {
        $by = $author === '' ? [] : ['dc.creator='.self::quoted($author)];
        $found = $this->search(['dc.title='.self::quoted($title), ...$by], $deadline);

        return $found !== [] ? $found : $this->search(['cql.anywhere='.self::quoted($title), ...$by], $deadline);
    }

    /**
     * @param  non-empty-list<string>  $clauses
     * @return list<CatalogueRecord>
     *
     * @throws LookupFailed
     */
    private function search(array $clauses, Deadline $deadline): array
    {
        if ($this->base === '') {
            $sentence = 'No library catalogue is set up here. Fill in the fields by hand.';
            throw LookupFailed::because(Reason::NotSetUp, $sentence);
        }
        $url = $this->base.'?'.http_build_query([
            'operation' => 'searchRetrieve',
            'version' => '1.2',
            'recordSchema' => 'marcxml',
            'maximumRecords' => self::MOST,
            'query' => implode(' and ', $clauses),
        ]);
        try {
            return SruAnswer::parse($this->fetcher->fetch(Wanted::xml($url), $deadline)->body)->records;
        } catch (Unreadable $problem) {
            $sentence = $problem->getMessage().' Try again later, or fill in the fields by hand.';
            throw LookupFailed::because(Reason::Unreadable, $sentence);
        }
    }

    private static function quoted(string $words): string
    {
        return '"'.trim((string) preg_replace('/[^\p{L}\p{N}\s’\'-]+/u', ' ', $words)).'"';
    }
}
