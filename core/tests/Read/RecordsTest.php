<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Format\Exchange\Bibtex;
use Bibrel\Core\Format\Exchange\Bibtex\EntryReader;
use Bibrel\Core\Format\Exchange\Bibtex\Latex;
use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Exchange\Ris;
use Bibrel\Core\Format\Losses;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Format\Unused;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Read\Records;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** BibTeX and RIS as they come from the wild, and back. */
final class RecordsTest extends TestCase
{
    private const BIB = <<<'BIB'
        % a comment line
        @string{jch = "Journal of Coastal History"}
        @comment{ignored {nested}}
        @article{ilves2016,
          author = {Ilves, Piet and Castellan, Noor},
          title = "{Grain} and tide in a {Northmere} harbour",
          journal = jch, volume = 12, number = {3}
          pages = {215--239}, year = 2016, month = nov, doi = {10.5555/jch.2016.0123}, x-odd = {kept}
        }
        @book(brand2019, author = {Zo{\"e} Brandstr{\"o}m and {Dusk Survey}}, title = {On \emph{Moonpower} \& other mills}, publisher = {Quayside Press}, year = {2019})
        @inproceedings{p1, crossref = {proc}, author = {Oake, Jr., Marten}, title = {Counting by ear}, pages = {4-9}}
        @proceedings{proc, title = {Coastal Ecology}, editor = {Teal, Sunniva}, publisher = {Lowtide}, year = 2020}
        BIB;

    private const RIS = "\xEF\xBB\xBFTY  - JOUR\rAU  - Ilves, Piet\rAU  - Castellan, Noor\rTI  - Grain and tide\r   in a harbour\rJO  - Journal of Coastal History\rVL  - 12\rIS  - 3\rSP  - 215\rEP  - 239\rPY  - 2016/11//\rDO  - 10.5555/jch.2016.0123\rC7  - odd\rER  - \rTY  - BOOK\rAU  - Dusk Survey\rTI  - Night lines\rPB  - Lowtide Books\rPY  - 2020\rER  -";

    public function test_bibtex_with_macros_crossref_accents_and_missing_commas(): void
    {
        self::assertSame([
            'Brandström, Zoë, and Dusk Survey. On Moonpower & Other Mills. Quayside Press, 2019.',
            'Ilves, Piet, and Noor Castellan. “Grain and Tide in a Northmere Harbour.” Journal of Coastal History, vol. 12, no. 3, Nov. 2016, pp. 215–39, https://doi.org/10.5555/jch.2016.0123.',
            'Oake, Marten, Jr. “Counting by Ear.” Coastal Ecology, edited by Sunniva Teal, Lowtide, 2020, pp. 4–9.',
            'Teal, Sunniva, editor. Coastal Ecology. Lowtide, 2020.',
        ], self::lines((new Bibtex)->read(self::BIB)));
    }

    public function test_braces_keep_the_capitals_of_names_in_sentence_case(): void
    {
        $source = (new Bibtex)->read('@book{x, title={The {Mill Street} Gates of {Northmere}}, year=2001}');
        self::assertSame(['The Mill Street gates of Northmere. (2001).'], self::lines($source, 'apa-7'));
    }

    public function test_fields_without_a_place_are_kept(): void
    {
        self::assertSame(['x-odd' => 'kept'], (new Bibtex)->read(self::BIB)[0]->custom['csl']['bibtex'] ?? null);
        self::assertSame(['C7' => ['odd']], (new Ris)->read(self::RIS)[0]->custom['csl']['ris'] ?? null);
    }

    public function test_ris_with_old_line_ends_a_mark_and_lines_that_run_on(): void
    {
        self::assertSame([
            'Dusk Survey. Night Lines. Lowtide Books, 2020.',
            'Ilves, Piet, and Noor Castellan. “Grain and Tide in a Harbour.” Journal of Coastal History, vol. 12, no. 3, Nov. 2016, pp. 215–39, https://doi.org/10.5555/jch.2016.0123.',
        ], self::lines((new Ris)->read(self::RIS)));
    }

    public function test_what_is_written_reads_as_the_same_page(): void
    {
        foreach ([(new Bibtex)->read(self::BIB), (new Ris)->read(self::RIS)] as $sources) {
            self::assertSame(self::lines($sources), self::lines((new Bibtex)->read((new Bibtex)->write($sources))));
            self::assertSame(self::lines($sources), self::lines((new Ris)->read((new Ris)->write($sources))));
        }
    }

    #[DataProvider('latex')]
    public function test_latex_becomes_text(string $latex, string $text): void
    {
        self::assertSame($text, (new Latex($latex))->text());
    }

    /** @return iterable<array{string, string}> */
    public static function latex(): iterable
    {
        yield ['Zo{\"e}', 'Zoë'];
        yield ['Zo\"{e}', 'Zoë'];
        yield ["Jos\\'e", 'José'];
        yield ['{\o}re', 'øre'];
        yield ['Stra{\ss}e', 'Straße'];
        yield ['\v{C}apek', 'Čapek'];
        yield ['\c c', 'ç'];
        yield ["\\'{\\i}", 'í'];
        yield ['10\% of A \& B', '10% of A & B'];
        yield ['1914--1918 --- so', '1914–1918 — so'];
        yield ["``quoted''", '“quoted”'];
        yield ['{\bf bold} and \textsc{caps}', 'bold and caps'];
        yield ['a~b', 'a b'];
        yield ['{{Nested {Braces}}}', 'Nested Braces'];
    }

    public function test_ris_as_databases_export_it(): void
    {
        [$article] = (new Ris)->read("TY  - JOUR\r\nT1  - Drowned Bells of the Low Coast.\r\nAU  - Hallam, Petra\r\nJF  - Folklore Review\r\nY1  - 2016///Spring2016\r\nVL  - 69\r\nDP  - Levelwater Host\r\nDB  - Levelwater Academic Complete\r\nLA  - Spanish\r\nER  - \r\n");
        self::assertSame(
            ['Drowned Bells of the Low Coast', '2016-21', 'Levelwater Academic Complete', 'es'],
            [$article->title->main, $article->date()->edtf(), $article->containers[1]->title, $article->language],
        );
        // Who sells the database stands for it only where it is not named.
        self::assertSame(
            'Levelwater Host',
            (new Ris)->read("TY  - JOUR\nTI  - Bells\nT2  - Review\nDP  - Levelwater Host\nER  - ")[0]->containers[1]->title,
        );
        [$news] = (new Ris)->read("TY  - NEWS\nT1  - Eel Pass Opens: [METRO Edition]\nAU  - Department for Rivers,\nJF  - The Low Courier\nDA  - 2003 Jul 09\nER  - ");
        self::assertSame(
            ['Eel Pass Opens', '2003-07-09', 'Department for Rivers'],
            [$news->title->main, $news->date()->edtf(), $news->contributors[0]->name->group],
        );
        self::assertSame('PhD dissertation', (new Ris)->read("TY  - THES\nTI  - Lamps\nM3  - Ph.D.\nER  - ")[0]->genre);
    }

    public function test_bibtex_as_databases_and_programs_export_it(): void
    {
        [$news] = (new Bibtex)->read('@article{1, author={Brandreth,Isaac}, year={2003}, month={Jul 09}, title={{Eel Pass Opens at Fourth Gate}}, journal={The Low Courier}, pages={C4}, language={German}}');
        self::assertSame(
            ['newspaper-article', 'Eel Pass Opens at Fourth Gate', '2003-07-09', 'de'],
            [$news->kind->id, $news->title->main, $news->date()->edtf(), $news->language],
        );
        [$page] = (new Bibtex)->read('@misc{2, title={Lamps}, howpublished={\\url{https://a.example/l}}, year={2021}, note={Accessed: 2024-03-03}}');
        self::assertSame(['2024-03-03', 'https://a.example/l'], [$page->accessed, $page->container()->url]);
        self::assertSame(
            '2016-21',
            (new Bibtex)->read('@article{3, title={Bells}, journal={Review}, year={2016}, month={Spring}}')[0]
                ->date()
                ->edtf(),
        );
        // A title that is not an English headline keeps the protection of its capitals.
        self::assertSame(
            '<span class="nocase">El molino y la Mar</span>',
            (new Bibtex)->read('@book{4, title={{El molino y la Mar}}}')[0]->title->main,
        );
    }

    public function test_what_is_no_record_is_said_so(): void
    {
        foreach ([
            static fn () => (new Bibtex)->read('just text'),
            static fn () => (new Ris)->read('just text'),
            static fn () => (new Ris)->read(''),
        ] as $read) {
            try {
                $read();
                self::fail('It was read.');
            } catch (Unreadable $problem) {
                self::assertStringContainsString('There is no', $problem->getMessage());
            }
        }
    }

    public function test_no_record_however_broken_brings_the_reader_down(): void
    {
        foreach ([
            '@book{', '@book{x, title = {unclosed', '@book{x, title = "a', '@book{,,,}', '@article{a, author = }',
            '@book{x title={no comma} year=2001}', str_repeat('{', 500), '@book{x, title={a\\',
        ] as $broken) {
            try {
                self::assertNotSame([], (new Bibtex)->read($broken));
            } catch (Unreadable) {
                self::assertStringNotContainsString('@book{x', $broken);
            }
        }
        foreach ([
            'TY  - ', "TY  - JOUR\nPY  - sometime\nAU  - \nSP  - \nEP  - 9", "TY  - XXXX\nTI  - A\n\nER  - \nER  - ",
        ] as $broken) {
            try {
                self::assertNotSame([], (new Ris)->read($broken));
            } catch (Unreadable) {
                self::assertSame('TY  - ', $broken);
            }
        }
    }

    /**
     * @param  list<Source>  $sources
     * @return list<string>
     */
    private static function lines(array $sources, string $style = 'mla-9'): array
    {
        return array_map(
            static fn (PageEntry $entry): string => $entry->text(),
            Page::compose($sources, Styles::get($style), new CourseRules)->entries,
        );
    }

    public function test_what_one_format_says_comes_back_from_it(): void
    {
        $ris = "TY  - JOUR\r\nID  - a\r\nAU  - van der Brook, Halima\r\nTI  - Grain\r\nT2  - Journal of Coastal History\r\nAB  - Long.\r\nKW  - mills\r\nKW  - tides\r\nUR  - https://a.example/1\r\nUR  - https://a.example/2\r\nSN  - 0000-0000\r\nN1  - Read it\r\nC7  - odd\r\nPY  - 2016\r\nER  - \r\n";
        $sorted = static function (string $text): array {
            $lines = explode("\r\n", trim($text));
            sort($lines);

            return $lines;
        };
        self::assertSame($sorted($ris), $sorted((new Ris)->write((new Ris)->read($ris))));
        $bibtex = "@article{a,\n  author = {Brook, Halima},\n  title = {The {Sea}},\n  note = {Read it},\n  keywords = {mills},\n  journal = {Tide},\n  year = {2016},\n  x-odd = {x}\n}\n";
        self::assertSame(
            $sorted(str_replace("\n", "\r\n", $bibtex)),
            $sorted(str_replace(['},', "\n"], ['},', "\r\n"], (new Bibtex)->write((new Bibtex)->read($bibtex)))),
        );
    }

    public function test_names_that_end_in_others_are_not_forgotten(): void
    {
        $source = (new Bibtex)->read('@article{a, author = {Brook, Halima and others}, title = {Mills}, journal = {Tides}, year = 2014}')[0];
        self::assertSame(
            ['Halima Brook', 'et al.'],
            array_map(static fn (Contributor $one): string => $one->name->direct(), $source->contributors),
        );
        self::assertStringContainsString('author = {Brook, Halima and others}', (new Bibtex)->write([$source]));
        self::assertStringNotContainsString('cut short', (new Bibtex)->write([$source]));
        self::assertStringContainsString('AU  - et al.', (new Ris)->write([$source]));
    }

    public function test_a_note_of_a_database_is_not_the_students_annotation(): void
    {
        self::assertSame(
            '',
            (new Ris)->read("TY  - BOOK\nTI  - Mills\nN1  - Exported on Monday\nER  - ")[0]->annotation,
        );
    }

    public function test_what_a_format_cannot_carry_is_named(): void
    {
        $source = Source::fromArray(
            [
                'id' => 'x',
                'kind' => 'artwork',
                'title' => ['main' => 'The Wheel'],
                'medium' => 'Oil on canvas',
                'containers' => [['collection' => 'Gullhaven Harbour Museum', 'date' => '1931']],
            ],
            Kinds::all(),
        );
        self::assertSame(
            ['what it is: it comes back as “something else”', 'museum or collection', 'medium'],
            (new Losses($source))->in(new Bibtex),
        );
        $plain = Source::fromArray(
            [
                'id' => 'y',
                'kind' => 'book',
                'title' => ['main' => 'Moonpower'],
                'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]],
                'containers' => [['publisher' => 'Quayside Press', 'date' => '2014']],
            ],
            Kinds::all(),
        );
        self::assertSame([], (new Losses($plain))->in(new Bibtex));
        self::assertSame([], (new Losses($plain))->in(new Ris));
    }

    public function test_what_was_read_and_not_used_is_said(): void
    {
        $bibtex = '@book{a, author = {Brook, Halima}, title = {Moonpower}, year = 2014, keywords = {mills}, foo = {bar}}';
        self::assertSame(['keyword', 'foo'], (new Unused((new Bibtex)->read($bibtex)[0]))->names());
        $issues = (new Records($bibtex))->read()[0]['issues'];
        self::assertSame(['record-unused', 'hint'], [$issues[0]['id'], $issues[0]['severity']]);
        self::assertStringContainsString('foo', $issues[0]['sentence']);
        self::assertSame([], (new Unused((new Bibtex)->read('@book{a, title = {Moonpower}}')[0]))->names());
    }

    public function test_old_and_wide_bytes_are_read(): void
    {
        $bibtex = '@book{a, author = {Möller, René}, title = {Señal}, year = 2014}';
        foreach (['MACINTOSH', 'UTF-16LE', 'UTF-16BE', 'WINDOWS-1252', 'UTF-8'] as $bytes) {
            $source = (new Bibtex)->read((string) iconv('UTF-8', $bytes, $bibtex))[0];
            self::assertSame(
                'René Möller: Señal',
                $source->contributors[0]->name->direct().': '.$source->title->main,
                $bytes,
            );
        }
    }

    public function test_remarks_between_the_fields_of_a_bibtex_entry(): void
    {
        $items = (new EntryReader("@book{brook2014, % see the shelf in room 4\n author = {Halima Brook}, % or {Brook, H.}\n % year = {2013},\n title = {Moonpower: 100\\% tide},\n year = {2014}\n}\n@book{marsh, title = {Eels}}"))->items();
        self::assertSame(['Moonpower: 100% tide', 'Eels'], array_column($items, 'title'));
        self::assertSame([[2014]], $items[0]['issued']['date-parts']);
    }

    /**
     * What a format has no field for still comes back: seasons, spans, rough dates, a name with "and" in it, an initial
     * V.
     */
    #[DataProvider('formats')]
    public function test_dates_and_names_come_back(string $format): void
    {
        $items = [];
        foreach ([
            ['date-parts' => [[2012]], 'season' => 2],
            ['date-parts' => [[1959], [1963]]],
            ['date-parts' => [[1890]], 'circa' => true],
            ['date-parts' => [[2014, 5, 3]]],
            ['literal' => 'forthcoming'],
        ] as $i => $issued) {
            $items[] = [
                'id' => "m{$i}",
                'type' => 'book',
                'title' => 'Moonpower',
                'author' => [
                    ['family' => 'Brook', 'given' => 'V.'],
                    ['family' => 'Northmere', 'given' => 'Mills and Lamps of'],
                ],
                'issued' => $issued,
            ];
        }
        [$write, $read] = $format === 'bibtex'
            ? [(new Bibtex)->write(...), (new Bibtex)->read(...)]
            : [(new Ris)->write(...), (new Ris)->read(...)];
        $written = $write((new CslJson)->read((string) json_encode($items)));
        $back = array_map((new CslJson)->item(...), $read($written));
        foreach ($items as $i => $item) {
            self::assertEquals($item['issued'], $back[$i]['issued'], "{$format}: {$written}");
            self::assertSame($item['author'], $back[$i]['author'], "{$format}: {$written}");
        }
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'BibTeX' => ['bibtex'];
        yield 'RIS' => ['ris'];
    }
}
