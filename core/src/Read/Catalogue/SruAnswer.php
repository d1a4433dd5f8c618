<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Catalogue;

use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Xml;

/** What a catalogue answers to a search (SRU 1.2 and 2.0 with MARCXML records). */
final readonly class SruAnswer
{
    /** @param  list<CatalogueRecord>  $records */
    private function __construct(public int $total, public array $records)
    {
    }

    /** @throws Unreadable for what is no such answer, and for a diagnostic the catalogue gives instead */
    public static function parse(string $xml): self
    {
        $xpath = Xml::parse($xml)
            ?? throw new Unreadable('The library catalogue answered with something that cannot be read.');
        $text = static function (string $path) use ($xpath): string {
            $found = $xpath->query($path);

            return $found === false ? '' : trim($found->item(0)->textContent ?? '');
        };
        $diagnostic = $text('//*[local-name()="diagnostic"]/*[local-name()="message"]');
        if ($diagnostic !== '') {
            throw new Unreadable("The library catalogue could not answer: {$diagnostic}.");
        }
        $records = [];
        foreach ($xpath->query('//*[local-name()="recordData"]//*[local-name()="record"]') ?: [] as $record) {
            if ($record instanceof \DOMElement) {
                $records[] = new CatalogueRecord(Marc::of($record));
            }
        }

        return new self((int) $text('//*[local-name()="numberOfRecords"]'), $records);
    }
}
