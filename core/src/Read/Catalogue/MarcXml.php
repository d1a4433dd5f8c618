<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Catalogue;

use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Xml;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/**
 * Records of library catalogues, alone, in a collection, or in the answer of a search, as a format that can be read.
 */
final class MarcXml implements ExchangeFormat, ReadsSources
{
    public function id(): string
    {
        return 'marcxml';
    }

    public function label(): string
    {
        return 'MARCXML';
    }

    public function mediaType(): string
    {
        return 'application/marcxml+xml';
    }

    public function extension(): string
    {
        return 'xml';
    }

    public function rank(): int
    {
        return 40;
    }

    public function begins(string $text): bool
    {
        return preg_match('/^\s*<(?:\?xml|(?:\w+:)?(?:collection|record|searchRetrieveResponse)\b)/', $text) === 1;
    }

    public function read(string $text): array
    {
        $xpath = Xml::parse($text) ?? throw new Unreadable('The input is no XML that can be read.');
        $sources = [];
        foreach ($xpath->query('//*[local-name()="record"][*[local-name()="datafield"]]') ?: [] as $record) {
            if ($record instanceof \DOMElement) {
                $sources[] = $this->source(new CatalogueRecord(Marc::of($record)));
            }
        }

        return $sources === []
            ? throw new Unreadable('There is no MARC record in this XML.')
            : $sources;
    }

    private function source(CatalogueRecord $record): Source
    {
        return Source::fromArray(['id' => $record->id()] + $record->reading()->source()->toArray(), Kinds::all());
    }
}
