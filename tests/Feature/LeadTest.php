<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Lookup\Lead;
use Bibrel\App\Lookup\LookupFailed;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is pasted into the one box is recognised without being told. */
final class LeadTest extends TestCase
{
    #[DataProvider('leads')]
    public function test_a_lead_is_recognised(string $pasted, string $kind): void
    {
        self::assertSame($kind, strtolower(Lead::recognise($pasted)->kind->name));
    }

    /** @return iterable<int, array{string, string}> */
    public static function leads(): iterable
    {
        yield ['https://skiff.example/dark', 'address'];
        yield ['skiff.example/dark', 'address'];
        yield ['www.skiff.example', 'address'];
        yield ['Here is the link: https://skiff.example/dark (thanks!)', 'address'];
        yield ['<https://skiff.example/dark>', 'address'];
        yield ['Lamps off, eels on - The Northmere Globe https://www.northmereglobe.example/2023/05/11/metro/lamps-off-eels-on/', 'address'];
        yield ['10.5555/nce.v7i1.1187', 'doi'];
        yield ['doi:10.5555/nce.v7i1.1187', 'doi'];
        yield ['DOI: 10.5555/nce.v7i1.1187.', 'doi'];
        yield ['https://doi.org/10.5555/nce.v7i1.1187', 'doi'];
        yield ['http://dx.doi.org/10.5555/nce.v7i1.1187', 'doi'];
        yield ['doi.org/10.5555/nce.v7i1.1187', 'doi'];
        yield ['DOI 10.5555/nce.v7i1.1187', 'doi'];
        yield ['https://doi.org/10.5555%2Fnce.v7i1.1187', 'doi'];
        yield ['978-1-4028-9462-6', 'isbn'];
        yield ['ISBN 9781402894626', 'isbn'];
        yield ['ISBN-13: 978-1402894626', 'isbn'];
        yield ['ISBN: 0-306-40615-2', 'isbn'];
        yield ['0306406152', 'isbn'];
        yield ['isbn 0 306 40615 2', 'isbn'];
        yield ['9781402894626.', 'isbn'];
        yield ['ISBN-10 0306406152', 'isbn'];
        yield ['ISBN 978‑1‑4028‑9462‑6', 'isbn'];
        yield ['9781402894626 (pbk.)', 'isbn'];
        yield ['Moonpower', 'title'];
        yield ['Moonpower by Halima Brook', 'title'];
        yield ['Brook: Moonpower', 'title'];
        yield ['"The Miller’s Clock"', 'title'];
        yield ['Moonpower: Mills of the Tidal Coast', 'title'];
        yield ['The Salt Year, Joana Reis', 'title'];
        yield ['Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.', 'citation'];
        yield ['Brook, H. (2014). Moonpower. Quayside Press.', 'citation'];
        yield ['Brook, Halima. Moonpower. Quayside Press, 2014. https://a.example/x', 'citation'];
        yield ['Voe, Clementine. “How We Lost the Dark.” Skiff, 3 Nov. 2022, skiff.example/dark.', 'citation'];
        yield ['H. Brook, Moonpower. Quayside Press, 2014.', 'citation'];
        yield ['1. Halima Brook, Moonpower: Mills of the Tidal Coast (Quayside Press, 2014).', 'citation'];
        yield ["TY  - BOOK\nTI  - Moonpower\nER  -", 'records'];
        yield ['@book{x, title={Moonpower}}', 'records'];
        yield ['[{"type":"book","title":"Moonpower"}]', 'records'];
        yield ['a video about tide mills', 'title'];
        yield ['asdf', 'title'];
    }

    public function test_what_cannot_be_looked_up_says_what_to_do(): void
    {
        foreach (['file:///C:/x.pdf', 'C:\\Users\\me\\x.pdf', 'mailto:a@b.example'] as $pasted) {
            try {
                Lead::recognise($pasted);
                self::fail("{$pasted} was taken for a lead.");
            } catch (LookupFailed $failure) {
                self::assertStringContainsString('begin with http:// or https://', $failure->getMessage());
            }
        }
    }

    public function test_the_number_alone_is_kept(): void
    {
        self::assertSame('9781402894626', Lead::recognise('ISBN 978-1-4028-9462-6 (pbk.)')->value);
        self::assertSame('10.5555/nce.v7i1.1187', Lead::recognise('DOI: 10.5555/nce.v7i1.1187.')->value);
        self::assertSame('https://skiff.example/dark', Lead::recognise('Here is the link: https://skiff.example/dark (thanks!)')->value);
    }
}
