<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Format\Inline;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Catalogue\CatalogueRecord;
use Bibrel\Core\Read\Catalogue\Marc;
use Bibrel\Core\Read\Catalogue\RegistryRecord;
use Bibrel\Core\Read\Catalogue\SruAnswer;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Styles;
use Bibrel\Standins\Services\Catalogue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CatalogueTest extends TestCase
{
    public function test_the_punctuation_of_cataloguing_is_left_behind(): void
    {
        $source = self::record('<datafield tag="100" ind1="1"><subfield code="a">Brook, Halima J.,</subfield><subfield code="d">1961-</subfield><subfield code="e">author.</subfield></datafield><datafield tag="245"><subfield code="a">Moonpower :</subfield><subfield code="b">mills of the tidal coast /</subfield><subfield code="c">Halima J. Brook.</subfield></datafield><datafield tag="250"><subfield code="a">Second edition.</subfield></datafield><datafield tag="264" ind2="1"><subfield code="a">Gullhaven ;</subfield><subfield code="a">Port Ansel :</subfield><subfield code="b">Quayside Press,</subfield><subfield code="c">[2014]</subfield></datafield><datafield tag="490"><subfield code="a">Northmere Coastal Papers ;</subfield><subfield code="v">no. 4</subfield></datafield><datafield tag="700" ind1="1"><subfield code="a">Ilves, Piet,</subfield><subfield code="e">translator.</subfield></datafield><datafield tag="020"><subfield code="a">1402894627 (paperback)</subfield></datafield>')->reading()
            ->source();
        self::assertSame('9781402894626', $source->isbn);
        self::assertSame(
            'Brook, Halima J. Moonpower: Mills of the Tidal Coast. Translated by Piet Ilves, 2nd ed., Quayside Press, 2014. Northmere Coastal Papers 4.',
            Inline::text(Styles::get('mla-9')->entry($source, new CourseRules, new EntryContext)),
        );
        self::assertSame(
            'Brook, H. J. (2014). Moonpower: Mills of the tidal coast (P. Ilves, Trans.; 2nd ed.). Quayside Press.',
            Inline::text(Styles::get('apa-7')->entry($source, new CourseRules, new EntryContext)),
        );
    }

    #[DataProvider('years')]
    public function test_the_year_and_what_it_rests_on(
        string $fields,
        string $year,
        Confidence $confidence,
        string $said,
    ): void {
        $reading = self::record(
            '<datafield tag="245"><subfield code="a">Salt.</subfield></datafield>'.$fields,
        )->reading();
        $found = $reading->findings['containers.0.date'];
        self::assertSame([$year, $confidence], [$reading->source()->container()->date, $found->confidence]);
        self::assertStringContainsString($said, $found->evidence->where);
    }

    /** @return iterable<string, array{string, string, Confidence, string}> */
    public static function years(): iterable
    {
        $field = static fn (string $tag, string $second, string $words): string => "<datafield tag=\"{$tag}\" ind2=\"{$second}\"><subfield code=\"c\">{$words}</subfield></datafield>";
        yield 'of publication' => [
            $field('264', '1', '2012.').$field('264', '4', '©2011'),
            '2012',
            Confidence::Stated,
            'From the library catalogue',
        ];
        yield 'supplied by the cataloguer' => [$field('260', ' ', '[1968]'), '1968', Confidence::Stated, 'From the library catalogue'];
        yield 'of copyright, since no other is known' => [
            $field('264', '1', '[date of publication not identified]').$field('264', '4', '©2011'),
            '2011',
            Confidence::Likely,
            'only a copyright year',
        ];
        yield 'of copyright, in the older way' => [$field('260', ' ', 'c1993.'), '1993', Confidence::Likely, 'only a copyright year'];
        yield 'of a recording’s copyright' => [$field('260', ' ', 'p1992.'), '1992', Confidence::Likely, 'only a copyright year'];
        yield 'the cataloguer doubts it' => [$field('260', ' ', '[1886?]'), '1886', Confidence::Likely, 'not sure'];

        yield 'coded alone' => [
            '<controlfield tag="008">060512s1987    xx            000 0 eng d</controlfield>',
            '1987',
            Confidence::Likely,
            'coded part',
        ];
    }

    public function test_a_span_of_doubt_is_no_year(): void
    {
        $reading = self::record('<controlfield tag="008">060512q19731991xx            000 0 eng d</controlfield><datafield tag="245"><subfield code="a">Salt.</subfield></datafield><datafield tag="260"><subfield code="c">between 1973 and 1991.</subfield></datafield>')->reading();
        self::assertSame('', $reading->source()->container()->date);
    }

    /** @param  list<string>  $people */
    #[DataProvider('statements')]
    public function test_who_did_what_where_the_headings_do_not_say(
        string $statement,
        string $headings,
        string $kind,
        array $people,
    ): void {
        $source = self::record(
            "<datafield tag=\"245\"><subfield code=\"a\">Salt roads /</subfield><subfield code=\"c\">{$statement}</subfield></datafield>".$headings,
        )->reading()
            ->source();
        self::assertSame(
            $people,
            array_map(
                static fn (Contributor $one): string => $one->name->direct().', '.$one->role->value,
                $source->contributors,
            ),
        );
        self::assertSame($kind, $source->kind->id);
    }

    /** @return iterable<string, array{string, string, string, list<string>}> */
    public static function statements(): iterable
    {
        $person = static fn (string $tag, string $name, string $more = ''): string => "<datafield tag=\"{$tag}\" ind1=\"1\"><subfield code=\"a\">{$name}</subfield>{$more}</datafield>";
        $two = $person('700', 'Castellan, Noor.').$person('700', 'Brook, Halima J.,');
        yield 'two editors' => [
            'edited by Noor Castellan, Halima J. Brook.',
            $two,
            'edited-collection',
            ['Noor Castellan, editor', 'Halima J. Brook, editor'],
        ];
        yield 'editors named as such after' => [
            'Noor Castellan, Halima Brook, editors.',
            $two,
            'edited-collection',
            ['Noor Castellan, editor', 'Halima J. Brook, editor'],
        ];
        yield 'in another language' => [
            'sous la direction de Noor Castellan et Halima Brook.',
            $two,
            'edited-collection',
            ['Noor Castellan, editor', 'Halima J. Brook, editor'],
        ];
        yield 'two authors' => [
            'Noor Castellan and Halima J. Brook.',
            $person('100', 'Castellan, Noor.').$person('700', 'Brook, Halima J.,'),
            'book',
            ['Noor Castellan, author', 'Halima J. Brook, author'],
        ];
        yield 'an author and who helped' => [
            'Noor Castellan ; illustrations by Halima Brook ; introduction by Otto Marsh.',
            $person('100', 'Castellan, Noor.').$person('700', 'Brook, Halima.').$person('700', 'Marsh, Otto.'),
            'book',
            ['Noor Castellan, author', 'Halima Brook, illustrator', 'Otto Marsh, introduction'],
        ];
        yield 'a foreword is no introduction' => [
            'Noor Castellan ; with a foreword by Halima Brook.',
            $person('100', 'Castellan, Noor.').$person('700', 'Brook, Halima.'),
            'book',
            ['Noor Castellan, author', 'Halima Brook, foreword'],
        ];
        yield 'a foreword and an afterword by their codes' => [
            '',
            $person('100', 'Castellan, Noor.').$person('700', 'Brook, Halima.', '<subfield code="4">wfw</subfield>')
                .$person('700', 'Marsh, Otto.', '<subfield code="e">writer of afterword</subfield>'),
            'book',
            ['Noor Castellan, author', 'Halima Brook, foreword', 'Otto Marsh, afterword'],
        ];
        yield 'an author whose namesake edits' => [
            'edited with a memoir by his wife, Ada Marsh.',
            $person('100', 'Marsh, Otto,'),
            'book',
            ['Otto Marsh, author'],
        ];
        yield 'somebody the title page does not name' => [
            'by Noor Castellan.',
            $person('100', 'Castellan, Noor.').$person('700', 'Quist, Rafael.'),
            'book',
            ['Noor Castellan, author'],
        ];
        yield 'more than the title page has room for' => [
            'Noor Castellan ... [et al.].',
            $person('100', 'Castellan, Noor.').$person('700', 'Quist, Rafael.'),
            'book',
            ['Noor Castellan, author', 'Rafael Quist, author'],
        ];
        yield 'institutions that had a part in it' => [
            'Noor Castellan ; prepared for the Harbour Board.',
            $person('100', 'Castellan, Noor.')
                .'<datafield tag="710"><subfield code="a">Harbour Board.</subfield></datafield>',
            'book',
            ['Noor Castellan, author'],
        ];
        yield 'older words for what somebody did' => [
            'Noor Castellan.',
            $person('100', 'Castellan, Noor.').$person('700', 'Ilves, Piet,', '<subfield code="e">tr.</subfield>')
                .$person('700', 'Brook, Halima,', '<subfield code="e">joint author.</subfield>'),
            'book',
            ['Noor Castellan, author', 'Piet Ilves, translator', 'Halima Brook, author'],
        ];
        yield 'an older record without a statement' => [
            '',
            $person('100', 'Castellan, Noor.').$person('700', 'Brook, Halima.'),
            'book',
            ['Noor Castellan, author', 'Halima Brook, author'],
        ];
    }

    public function test_who_sells_a_book_is_no_part_of_its_publisher(): void
    {
        $source = self::record('<datafield tag="245"><subfield code="a">Salt.</subfield></datafield><datafield tag="260"><subfield code="b">Harbour Board, Office of Soundings : for sale by the Port Bookshop,</subfield><subfield code="c">1977.</subfield></datafield>')->reading()
            ->source();
        self::assertSame('Harbour Board, Office of Soundings', $source->container()->publisher);
    }

    public function test_editors_who_lead_and_names_that_stand_for_other_works(): void
    {
        $source = self::record('<datafield tag="245"><subfield code="a">Salt roads /</subfield></datafield><datafield tag="700" ind1="1"><subfield code="a">Castellan, Noor,</subfield><subfield code="4">edt</subfield></datafield><datafield tag="700" ind1="1"><subfield code="a">Reis, Joana.</subfield><subfield code="t">The gate.</subfield></datafield>')->reading()
            ->source();
        self::assertSame(['edited-collection', 1], [$source->kind->id, count($source->contributors)]);
    }

    public function test_forms_other_than_paper(): void
    {
        $kind = static fn (string $leader, string $fields): string => self::record(
            '<datafield tag="245"><subfield code="a">X</subfield></datafield>'.$fields,
            $leader,
        )->reading()->kind;
        self::assertSame('film', $kind('00000ngm a', ''));
        self::assertSame('map', $kind('00000nem a', ''));
        self::assertSame('audiobook', $kind('00000nim a', ''));
        self::assertSame('album', $kind('00000njm a', ''));
        self::assertSame(
            'ebook',
            $kind('00000nam a', '<datafield tag="338"><subfield code="a">online resource</subfield></datafield>'),
        );
        self::assertSame(
            'thesis',
            $kind('00000nam a', '<datafield tag="502"><subfield code="a">Thesis (Ph.D.)</subfield></datafield>'),
        );
    }

    public function test_the_script_of_the_title_page_is_offered(): void
    {
        $record = '<record><leader>00000cam a22</leader><datafield tag="245" ind1="1" ind2="0"><subfield code="6">880-01</subfield>'
            .'<subfield code="a">Nizkaia voda /</subfield></datafield><datafield tag="880" ind1="1" ind2="0">'
            .'<subfield code="6">245-01/(N</subfield><subfield code="a">Низкая вода /</subfield></datafield></record>';
        $document = new \DOMDocument;
        $document->loadXML($record);
        self::assertInstanceOf(\DOMElement::class, $document->documentElement);
        $title = (new CatalogueRecord(Marc::of($document->documentElement)))->reading()->findings['title.main'];
        self::assertSame(['Nizkaia voda', 'Низкая вода'], [$title->text(), $title->alternatives[0]->text()]);
    }

    public function test_the_stand_in_catalogue_searches_pages_and_refuses_as_a_real_one(): void
    {
        self::assertGreaterThanOrEqual(2000, count(Catalogue::records()));
        $all = SruAnswer::parse(Catalogue::answer(['query' => 'dc.creator="brook"', 'maximumRecords' => '5'])->body);
        $second = SruAnswer::parse(
            Catalogue::answer(['query' => 'dc.creator="brook"', 'maximumRecords' => '5', 'startRecord' => '6'])->body,
        );
        self::assertGreaterThan(10, $all->total);
        self::assertSame([5, $all->total], [count($all->records), $second->total]);
        self::assertNotSame($all->records[0]->id(), $second->records[0]->id());
        self::assertSame(
            4,
            SruAnswer::parse(
                Catalogue::answer(['query' => 'dc.title="moonpower" and dc.creator="halima brook"'])->body,
            )->total,
        );
        self::assertSame(1, SruAnswer::parse(Catalogue::answer(['query' => 'bath.isbn="9781402894626"'])->body)->total);
        $this->expectExceptionMessage('Unsupported index');
        SruAnswer::parse(Catalogue::answer(['query' => 'x.odd="moonpower"'])->body);
    }

    public function test_an_answer_cannot_make_the_reader_open_files(): void
    {
        $this->expectException(Unreadable::class);
        SruAnswer::parse('<?xml version="1.0"?><!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/hostname">]><searchRetrieveResponse><numberOfRecords>1</numberOfRecords><records><record><recordData><record><datafield tag="245"><subfield code="a">&e;</subfield></datafield></record></recordData></record></records></searchRetrieveResponse>');
    }

    public function test_a_registry_record_comes_in_order_however_untidy(): void
    {
        $reading = (new RegistryRecord(
            [
                'DOI' => '10.5555/x.1', 'type' => 'journal-article', 'title' => [' THE SOUND A MOTH MAKES. '],
                'subtitle' => [], 'author' => [['given' => 'Dov', 'family' => 'Karsten', 'sequence' => 'first']],
                'container-title' => ['Shore Acoustics'], 'volume' => '4', 'page' => '44-51',
                'issued' => ['date-parts' => [[2020]]], 'source' => 'Registry', 'is-referenced-by-count' => 3,
                'URL' => 'https://doi.org/10.5555/x.1',
            ],
        ))->reading();
        self::assertSame(
            'Karsten, Dov. “The Sound a Moth Makes.” Shore Acoustics, vol. 4, 2020, pp. 44–51, https://doi.org/10.5555/x.1.',
            Inline::text(Styles::get('mla-9')->entry($reading->source(), new CourseRules, new EntryContext)),
        );
        self::assertSame(Confidence::Likely, $reading->findings['title.main']->confidence);
        self::assertStringContainsString('capitals', $reading->findings['title.main']->evidence->where);
    }

    private static function record(string $fields, string $leader = '00000nam a2200000 i 4500'): CatalogueRecord
    {
        return SruAnswer::parse(
            '<?xml version="1.0"?><searchRetrieveResponse xmlns="http://www.loc.gov/zing/srw/"><numberOfRecords>1</numberOfRecords><records><record><recordData><record xmlns="http://www.loc.gov/MARC21/slim"><leader>'.$leader.'</leader><controlfield tag="001">x1</controlfield>'.$fields.'</record></recordData></record></records></searchRetrieveResponse>',
        )->records[0];
    }
}
