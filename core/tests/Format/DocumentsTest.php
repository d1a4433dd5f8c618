<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Format;

use Bibrel\Core\Format\Appendix;
use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Page\Docx;
use Bibrel\Core\Format\Page\Html;
use Bibrel\Core\Format\Page\Markdown;
use Bibrel\Core\Format\Page\Odt;
use Bibrel\Core\Format\Page\Pdf;
use Bibrel\Core\Format\Page\PlainText;
use Bibrel\Core\Format\Page\Rtf;
use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\Pdf\LineBreaker;
use Bibrel\Core\Format\Pdf\SheetFiller;
use Bibrel\Core\Format\RichText;
use Bibrel\Core\Format\Stretch;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\PaperSize;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Tests\Draft\WordFile;
use Bibrel\Core\Text\AddressBreaks;
use Bibrel\Core\Text\Run;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DocumentsTest extends TestCase
{
    public function test_markdown_sets_italics_and_escapes_the_text(): void
    {
        self::assertSame("# Works Cited\n\nBrook, Halima. *Moonpower*. 2014.\n\n\\-\\-\\-. *Stars \\* and \\_Lines\\_*. 2015.\n", (new Markdown)->write(self::page(), new PageSetup));
    }

    public function test_a_word_document_has_notes_after_the_page_where_they_are_wanted(): void
    {
        $notes = new Appendix('Notes', [['heading' => 'Moonpower', 'paragraphs' => [[new Run('“Salt & silt” ', 'note'), new Run('Tides', 'note', italic: true)]]]]);
        $with = WordFile::parts((new Docx)->write(self::page(), new PageSetup(appendix: $notes)))['word/document.xml'];
        $without = WordFile::parts((new Docx)->write(self::page(), new PageSetup))['word/document.xml'];
        $added = '<w:p><w:pPr><w:pStyle w:val="Heading1"/><w:pageBreakBefore/></w:pPr><w:r><w:t xml:space="preserve">Notes</w:t></w:r></w:p>'
            .'<w:p><w:pPr><w:pStyle w:val="Heading2"/></w:pPr><w:r><w:t xml:space="preserve">Moonpower</w:t></w:r></w:p>'
            .'<w:p><w:pPr><w:pStyle w:val="Note"/></w:pPr><w:r><w:t xml:space="preserve">“Salt &amp; silt” </w:t></w:r><w:r><w:rPr><w:i/><w:iCs/></w:rPr><w:t xml:space="preserve">Tides</w:t></w:r></w:p>';
        self::assertSame(str_replace('<w:sectPr>', "{$added}<w:sectPr>", $without), $with);
    }

    public function test_plain_text_for_the_clipboard_is_a_line_an_entry(): void
    {
        self::assertSame("Works Cited\n\nBrook, Halima. Moonpower. 2014.\n---. Stars * and _Lines_. 2015.\n", (new PlainText)->unbroken(self::page()));
    }

    public function test_a_file_of_plain_text_sets_in_all_lines_of_an_entry_but_the_first(): void
    {
        $text = (new PlainText)->write(self::page(str_repeat('Ambrose', 9)), new PageSetup);
        $ambrose = str_repeat('Ambrose', 9);
        self::assertSame(
            str_repeat(' ', 34)."Works Cited\n\n{$ambrose}, Halima.\n     Moonpower. 2014.\n---. Stars * and _Lines_. 2015.\n",
            $text,
        );
    }

    public function test_rtf_has_paragraph_settings_and_no_bare_letter_beyond_ascii(): void
    {
        $rtf = (new Rtf)->write(self::page('Zoë {Brand}ström'), new PageSetup);
        self::assertMatchesRegularExpression('/^[\x09-\x7E]*$/', $rtf);
        self::assertStringContainsString('\li720\fi-720', $rtf);
        self::assertStringContainsString('\sl480\slmult1', $rtf);
        self::assertStringContainsString('Zo\u235? \{Brand\}str\u246?m', $rtf);
        self::assertSame(substr_count((string) preg_replace('/\\\\[{}]/', '', $rtf), '{'), substr_count((string) preg_replace('/\\\\[{}]/', '', $rtf), '}'));
    }

    public function test_rich_text_escapes_what_could_be_markup(): void
    {
        self::assertStringContainsString('&lt;img src=x&gt;', (new RichText(self::page('<img src=x>')))->page());
    }

    public function test_a_line_ends_at_a_space_a_dash_or_a_mark_in_an_address(): void
    {
        $breaker = new LineBreaker(static fn (Stretch $one): float => (float) mb_strlen($one->plain()));
        $text = [new Stretch('Halima Brook’s '), new Stretch('Moon–power', true), new Stretch(', www.'.AddressBreaks::MARK.'mills.example')];
        $lines = array_map(
            static fn (array $line): string => implode('', array_map(static fn (Stretch $one): string => $one->plain(), $line)),
            $breaker->lines($text, 20, 12),
        );
        self::assertSame(['Halima Brook’s Moon–', 'power, www.', 'mills.exampl', 'e'], $lines);
    }

    /** @return iterable<string, array{list<int>, list<list<int>>}> lines of paragraphs; of each, those on the first, second … sheet of ten */
    public static function sheets(): iterable
    {
        yield 'all on one' => [[4, 6], [[4], [6]]];
        yield 'a single line would stay behind' => [[9, 3], [[9], [0, 3]]];
        yield 'a single line would go ahead' => [[7, 4], [[7], [2, 2]]];
        yield 'three lines with room for two' => [[8, 3], [[8], [0, 3]]];
        yield 'longer than a sheet' => [[1, 22], [[1], [9, 10, 3]]];
        yield 'one line each' => [[9, 1, 1], [[9], [1], [0, 1]]];
    }

    /**
     * @param  list<int>  $paragraphs
     * @param  list<list<int>>  $wanted
     */
    #[DataProvider('sheets')]
    public function test_no_single_line_stands_alone_at_a_sheets_foot_or_head(array $paragraphs, array $wanted): void
    {
        $found = array_map(static function (array $places): array {
            $counts = array_fill(0, 1 + max(array_column($places, 0)), 0);
            foreach ($places as [$sheet]) {
                $counts[$sheet]++;
            }

            return $counts;
        }, (new SheetFiller(10))->places($paragraphs));
        self::assertSame($wanted, $found);
    }

    public function test_a_pdf_embeds_its_faces_and_says_title_language_and_structure(): void
    {
        $pdf = (new Pdf)->write(self::page(), new PageSetup(new RunningHead('Adeyemi'), 'Bread from the Moon', PaperSize::A4, 7));
        self::assertStringContainsString('/Lang', $pdf);
        self::assertStringContainsString('/MarkInfo << /Marked true >>', $pdf);
        self::assertMatchesRegularExpression('~/S /H1~', $pdf);
        self::assertSame(2, preg_match_all('~/S /P ~', $pdf));
        self::assertStringNotContainsString('/BaseFont /Helvetica', $pdf);
        self::assertMatchesRegularExpression('/595\.\d+/', $pdf, 'A4 is 595 points wide');
    }

    public function test_addresses_are_links_where_the_style_wants_them_and_foreign_titles_carry_their_language(): void
    {
        $sources = [(new CslJson)->source([
            'type' => 'article-journal', 'title' => 'La lune et le moulin', 'language' => 'fr', 'container-title' => 'Revue',
            'author' => [['family' => 'Brook']], 'DOI' => '10.5555/abc', 'issued' => ['date-parts' => [[2014]]],
        ])];
        $made = static fn (string $style, bool $links): string => (new Html)->write(
            Page::compose($sources, Styles::get($style), new CourseRules(links: $links)),
            new PageSetup,
        );
        self::assertStringContainsString('<a href="https://doi.org/10.5555/abc">', $made('apa-7', false));
        self::assertStringContainsString('<a href="https://doi.org/10.5555/abc">', $made('mla-9', true));
        self::assertStringNotContainsString('<a ', $made('mla-9', false));
        self::assertStringContainsString('<span lang="fr">La lune et le moulin</span>', $made('apa-7', false));
        self::assertStringContainsString('<h1 ', $made('apa-7', false));
    }

    public function test_a_document_carries_its_sources_for_the_word_processors_own_list(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'docx');
        file_put_contents($file, (new Docx)->write(self::page(), new PageSetup));
        $zip = new \ZipArchive;
        $zip->open($file);
        $sources = new \DOMDocument;
        self::assertTrue($sources->loadXML((string) $zip->getFromName('customXml/item1.xml')));
        unlink($file);
        $xpath = new \DOMXPath($sources);
        $xpath->registerNamespace('b', 'http://schemas.openxmlformats.org/officeDocument/2006/bibliography');
        $said = static fn (string $path): string => $xpath->evaluate("string(/b:Sources/b:Source[1]/{$path})");
        self::assertSame(['Book', 'Moonpower', '2014', 'Brook', 'Halima'], [
            $said('b:SourceType'), $said('b:Title'), $said('b:Year'), $said('b:Author/b:Author/b:NameList/b:Person/b:Last'),
            $said('b:Author/b:Author/b:NameList/b:Person/b:First'),
        ]);
    }

    /** @return iterable<string, array{PageFormat, array<string, list<string>>}> orders of elements as the schemas prescribe them */
    public static function packages(): iterable
    {
        yield 'OOXML (ECMA-376, part 1, annex A)' => [new Docx, [
            'pPr' => ['pStyle', 'keepNext', 'keepLines', 'pageBreakBefore', 'widowControl', 'tabs', 'spacing', 'ind', 'jc', 'outlineLvl', 'rPr', 'sectPr'],
            'rPr' => ['rStyle', 'rFonts', 'b', 'bCs', 'i', 'iCs', 'color', 'sz', 'szCs', 'lang'],
            'style' => ['name', 'basedOn', 'next', 'uiPriority', 'pPr', 'rPr'],
            'styles' => ['docDefaults', 'latentStyles', 'style'],
            'docDefaults' => ['rPrDefault', 'pPrDefault'],
            'sectPr' => ['headerReference', 'footerReference', 'type', 'pgSz', 'pgMar', 'pgNumType', 'cols', 'titlePg'],
            'body' => ['p', 'sectPr'],
        ]];
        yield 'ODF (1.3, part 3)' => [new Odt, [
            'document-styles' => ['font-face-decls', 'styles', 'automatic-styles', 'master-styles'],
            'document-content' => ['scripts', 'font-face-decls', 'automatic-styles', 'body'],
            'styles' => ['default-style', 'style'],
            'style' => ['paragraph-properties', 'text-properties'],
            'default-style' => ['paragraph-properties', 'text-properties'],
            'page-layout' => ['page-layout-properties', 'header-style', 'footer-style'],
            'master-page' => ['header', 'footer'],
        ]];
    }

    /** @param  array<string, list<string>>  $orders */
    #[DataProvider('packages')]
    public function test_every_part_of_a_package_keeps_the_order_of_its_schema(PageFormat $format, array $orders): void
    {
        $setup = new PageSetup(RunningHead::title('Bread from the Moon'), 'Bread from the Moon', PaperSize::A4, 3);
        $seen = [];
        foreach (WordFile::parts($format->write(self::page(), $setup)) as $name => $content) {
            $document = new \DOMDocument;
            if (! str_ends_with($name, '.xml') || ! $document->loadXML($content)) {
                continue;
            }
            foreach ($document->getElementsByTagNameNS('*', '*') as $node) {
                $order = $orders[(string) $node->localName] ?? null;
                $names = [];
                foreach ($node->childNodes as $child) {
                    $names[] = (string) $child->localName;
                }
                $places = array_map(static fn (string $one): int|false => array_search($one, $order ?? [], true), $names);
                $sorted = $places;
                sort($sorted);
                self::assertTrue($order === null || $places === $sorted && ! in_array(false, $places, true), "{$node->localName} in {$name}: ".implode(' ', $names));
                $seen[(string) $node->localName] = true;
            }
        }
        self::assertSame([], array_diff(array_keys($orders), array_keys($seen)));
    }

    public function test_an_entry_written_by_hand_stands_as_it_was_written_in_its_style_alone(): void
    {
        $source = Source::fromArray(['kind' => 'book', 'title' => 'Moonpower', 'corrected' => ['mla-9' => 'As <i>I</i> want it &amp; no other.']], Kinds::all());
        $text = static fn (string $style): string => (new Markdown)->write(Page::compose([$source], Styles::get($style), new CourseRules), new PageSetup);
        self::assertSame("# Work Cited\n\nAs *I* want it & no other.\n", $text('mla-9'));
        self::assertStringNotContainsString('no other', $text('apa-7'));
    }

    public function test_a_source_that_is_left_out_has_no_entry_and_is_told(): void
    {
        $source = Source::fromArray(['id' => 'A', 'kind' => 'book', 'title' => 'Moonpower', 'leftOut' => true], Kinds::all());
        $page = Page::compose([$source], Styles::get('mla-9'), new CourseRules);
        self::assertSame([0, 'A'], [count($page->entries), $page->leftOut[0]->id]);
        self::assertTrue(Source::fromArray($source->toArray(), Kinds::all())->leftOut);
    }

    private static function page(string $family = 'Brook'): Page
    {
        return Page::compose(array_map((new CslJson)->source(...), [
            ['type' => 'book', 'title' => 'Moonpower', 'author' => [['family' => $family, 'given' => 'Halima']], 'issued' => ['date-parts' => [[2014]]]],
            ['type' => 'book', 'title' => 'Stars * and _lines_', 'author' => [['family' => $family, 'given' => 'Halima']], 'issued' => ['date-parts' => [[2015]]]],
        ]), Styles::get('mla-9'), new CourseRules);
    }
}
