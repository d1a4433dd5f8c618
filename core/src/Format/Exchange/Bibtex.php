<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange;

use Bibrel\Core\Format\Exchange\Bibtex\EntryReader;
use Bibrel\Core\Format\Exchange\Bibtex\EntryWriter;
use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\WritesSources;

/** BibTeX, and BibLaTeX as far as it goes the same way. */
final class Bibtex implements ExchangeFormat, ReadsSources, WritesSources
{
    public function id(): string
    {
        return 'bibtex';
    }

    public function label(): string
    {
        return 'BibTeX';
    }

    public function mediaType(): string
    {
        return 'application/x-bibtex; charset=utf-8';
    }

    public function extension(): string
    {
        return 'bib';
    }

    public function rank(): int
    {
        return 20;
    }

    public function begins(string $text): bool
    {
        return preg_match('/^\s*@/', $text) === 1;
    }

    public function read(string $text): array
    {
        return array_map((new CslJson)->source(...), (new EntryReader($text))->items());
    }

    public function write(array $sources): string
    {
        return (new EntryWriter)->entries($sources);
    }
}
