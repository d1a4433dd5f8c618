<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\DraftCheck;
use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Draft\Layout\LayoutCheck;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drafts as .docx: what is read of them, and that nothing is touched when the page is put in. */
final class WordDraftTest extends TestCase
{
    private const W = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';

    public function test_what_a_reader_does_not_see_is_no_text_and_what_they_see_is(): void
    {
        $draft = self::read(self::lively());
        $texts = array_map(static fn (Paragraph $one): string => $one->text, $draft->paragraphs);
        self::assertContains('The pond was old and deep (Brook 15).', $texts, 'put in stays, taken out goes');
        self::assertContains('A linked word, a date of 2026, and a held one.', $texts, 'links, fields, content controls');
        self::assertContains('hidden and seen', array_map(static fn (string $one): string => str_replace('  ', ' ', $one), $texts));
        $apart = array_map(static fn (Paragraph $one): array => [$one->note, $one->text], $draft->notes);
        self::assertContains(['footnote 2', 'So says a note (Brook 99).'], $apart);
        self::assertContains(['', 'In a box.'], $apart);
        self::assertContains(['', 'In a cell.'], $apart);
    }

    public function test_citations_in_footnotes_are_found_where_the_note_hangs(): void
    {
        $page = self::page(['moonpower']);
        $report = (new DraftCheck($page, Styles::get('mla-9')))->report(self::read(self::lively()))->toArray();
        self::assertSame(['(Varga-Brandt)', 'Brook (15–17)', '(Brook 15)', '(Brook 99)'], array_column($report['citations'], 'text'));
    }

    /** @return iterable<string, array{string}> documents in the habits of several word processors */
    public static function documents(): iterable
    {
        yield 'with everything that can be in one' => [self::lively()];
        yield 'set by a style sheet' => [WordFile::of(WordFile::paper())];
        yield 'set directly, paragraph by paragraph' => [WordFile::of(self::direct(), '<w:docDefaults/>')];
        yield 'with a list in a content control' => [WordFile::of(WordFile::paper(list: '<w:sdt><w:sdtPr><w:docPartObj>'
            .'<w:docPartGallery w:val="Bibliographies"/></w:docPartObj></w:sdtPr><w:sdtContent>'.WordFile::list().'</w:sdtContent></w:sdt>'))];
        foreach (glob(DraftCase::folder().'/files/*.docx') ?: [] as $file) {
            yield basename($file) => [(string) file_get_contents($file)];
        }
    }

    #[DataProvider('documents')]
    public function test_nothing_but_the_page_is_new_in_the_copy(string $bytes): void
    {
        $copy = (new DraftFile($bytes))->document()->withPage(self::page(['moonpower', 'lamps']), replaces: false);
        [$before, $after] = [WordFile::parts($bytes), WordFile::parts($copy)];
        $may = ['word/document.xml', 'word/styles.xml', 'word/_rels/document.xml.rels', '[Content_Types].xml'];
        foreach ($before as $name => $content) {
            if (! in_array($name, $may, true)) {
                self::assertSame($content, $after[$name] ?? null, $name);
            }
        }
        foreach (['word/document.xml' => 'body', 'word/styles.xml' => 'styles'] as $name => $in) {
            $kept = self::canonical($after[$name], $in);
            foreach (self::canonical($before[$name], $in) as $i => $node) {
                $at = array_search($node, $kept, true);
                self::assertNotFalse($at, "{$name}: {$i} was changed");
                unset($kept[$at]);
            }
        }
        self::assertSame([], array_diff(self::relations($before), self::relations($after)));
        self::assertNotContains('', array_keys($after));
        foreach ($after as $name => $content) {
            self::assertTrue(! str_ends_with($name, '.xml') || (new \DOMDocument)->loadXML($content), $name);
        }
    }

    #[DataProvider('documents')]
    public function test_the_page_stands_after_a_break_in_styles_of_its_own(string $bytes): void
    {
        $copy = (new DraftFile($bytes))->document()->withPage(self::page(['moonpower', 'lamps']), replaces: false);
        $draft = self::read($copy);
        $list = array_slice($draft->paragraphs, -3);
        self::assertSame(['Works Cited', 'Brook, Halima. Moonpower. Quayside Press, 2014.'], [$list[0]->text, $list[1]->text]);
        self::assertTrue($list[0]->look->breaksBefore);
        self::assertSame(['center', false, 2.0], [$list[0]->look->align, $list[0]->look->isBold, $list[0]->look->lines]);
        self::assertSame([720, -720, 2.0, 0, 0], [
            $list[1]->look->left, $list[1]->look->first, $list[1]->look->lines, $list[1]->look->before, $list[1]->look->after,
        ]);
        $first = self::read($bytes);
        self::assertEquals(
            array_map(static fn (Paragraph $one): array => [$one->text, $one->look], $first->paragraphs),
            array_map(static fn (Paragraph $one): array => [$one->text, $one->look], array_slice($draft->paragraphs, 0, -3)),
            'every paragraph looks as it did',
        );
    }

    public function test_a_list_that_stands_there_is_replaced_and_what_follows_it_stays(): void
    {
        foreach ([
            WordFile::list(), WordFile::list('').'', '<w:sdt><w:sdtContent>'.WordFile::list().'</w:sdtContent></w:sdt>',
        ] as $list) {
            $end = WordFile::p('Appendix', '', '<w:pageBreakBefore/><w:jc w:val="center"/>').WordFile::p('A table of mills.');
            $copy = (new DraftFile(WordFile::of(WordFile::paper(list: $list.$end))))->document()->withPage(self::page(['moonpower', 'harrow']), true);
            $texts = array_map(static fn (Paragraph $one): string => $one->text, self::read($copy)->paragraphs);
            self::assertSame([
                'Works Cited', 'Brook, Halima. Moonpower. Quayside Press, 2014.',
                'Harrow, Ruth. Iron and Salt: The Railway Comes to Northmere. Lantern Row, 2001.', 'Appendix', 'A table of mills.',
            ], array_slice($texts, -5));
            self::assertSame(1, count(array_keys($texts, 'Works Cited', true)));
            self::assertStringNotContainsString('<w:sdtContent/>', WordFile::parts($copy)['word/document.xml']);
        }
    }

    public function test_giving_it_back_twice_leaves_one_page_and_one_set_of_styles(): void
    {
        $once = (new DraftFile(WordFile::of(WordFile::paper())))->document()->withPage(self::page(['moonpower', 'lamps']), true);
        $twice = (new DraftFile($once))->document()->withPage(self::page(['moonpower', 'lamps']), true);
        $texts = array_map(static fn (Paragraph $one): string => $one->text, self::read($twice)->paragraphs);
        self::assertSame(1, count(array_keys($texts, 'Works Cited', true)));
        self::assertSame(1, substr_count(WordFile::parts($twice)['word/styles.xml'], 'w:styleId="BibrelEntry"'));
        self::assertSame(1, count(preg_grep('~^customXml/item\d~', array_keys(WordFile::parts($twice)))));
    }

    public function test_a_break_that_stands_at_the_end_already_is_enough(): void
    {
        $break = '<w:p><w:r><w:br w:type="page"/></w:r></w:p>';
        $copy = (new DraftFile(WordFile::of(WordFile::paper(list: $break))))->document()->withPage(self::page(['moonpower']), false);
        self::assertStringNotContainsString('pageBreakBefore', WordFile::parts($copy)['word/document.xml']);
    }

    public function test_the_settings_of_new_paragraphs_and_styles_stand_in_the_order_of_the_schema(): void
    {
        $orders = [
            'pPr' => ['pStyle', 'keepNext', 'keepLines', 'pageBreakBefore', 'widowControl', 'spacing', 'ind', 'jc', 'outlineLvl'],
            'rPr' => ['rFonts', 'b', 'bCs', 'i', 'iCs', 'color', 'sz', 'szCs', 'lang'],
            'style' => ['name', 'basedOn', 'next', 'uiPriority', 'pPr', 'rPr'],
            'sectPr' => ['headerReference', 'pgSz', 'pgMar', 'pgNumType'],
        ];
        $copy = WordFile::parts((new DraftFile(WordFile::of(WordFile::paper())))->document()->withPage(self::page(['moonpower', 'lamps']), false));
        foreach (['word/document.xml', 'word/styles.xml'] as $name) {
            $document = new \DOMDocument;
            $document->loadXML($copy[$name]);
            foreach ($orders as $element => $order) {
                foreach ($document->getElementsByTagNameNS(self::W, $element) as $node) {
                    $names = [];
                    foreach ($node->childNodes as $child) {
                        $names[] = $child->localName;
                    }
                    self::assertSame([], array_diff($names, $order), "{$element} in {$name}");
                    self::assertSame(array_values(array_intersect($order, $names)), $names, "{$element} in {$name}");
                }
            }
        }
    }

    public function test_what_is_put_right_in_the_copy_is_right_there_and_no_word_changes(): void
    {
        $single = '<w:spacing w:before="0" w:after="200" w:line="240" w:lineRule="auto"/>';
        $bytes = WordFile::of(WordFile::paper(WordFile::p(WordFile::prose('A plain one.'), '', $single), WordFile::list('')));
        $draft = self::read($bytes);
        $check = new LayoutCheck(Styles::get('mla-9')->paper());
        $list = SourceList::find($draft);
        $ids = array_map(static fn ($issue): string => $issue->id, $check->issues($draft, $list));
        self::assertSame(['line-spacing', 'space-between', 'first-line', 'list-break'], $ids);
        $copy = (new DraftFile($bytes))->document()->withPage(self::page(['moonpower']), false, $check->mends($draft, $list, $ids));
        $mended = self::read($copy);
        self::assertSame([], array_map(static fn ($issue): string => $issue->id, $check->issues($mended, SourceList::find($mended))));
        $texts = static fn (Draft $draft): array => array_map(static fn (Paragraph $one): string => $one->text, $draft->paragraphs);
        self::assertSame($texts($draft), array_slice($texts($mended), 0, count($draft->paragraphs)));
    }

    /** A document with what must survive: changes, comments, notes, sections, boxes, fields, controls, writing from the right. */
    private static function lively(): string
    {
        $body = WordFile::paper(
            WordFile::runs(
                WordFile::r('The pond was old ')
                .'<w:del w:id="1" w:author="T" w:date="2026-11-01T00:00:00Z"><w:r><w:delText xml:space="preserve">and shallow </w:delText></w:r></w:del>'
                .'<w:ins w:id="2" w:author="T" w:date="2026-11-01T00:00:00Z">'.WordFile::r('and deep ').'</w:ins>'
                .'<w:commentRangeStart w:id="5"/>'.WordFile::r('(Brook 15).').'<w:commentRangeEnd w:id="5"/>'
                .'<w:r><w:commentReference w:id="5"/></w:r><w:r><w:footnoteReference w:id="2"/></w:r>',
            )
            .WordFile::runs('<w:hyperlink w:anchor="x">'.WordFile::r('A linked word').'</w:hyperlink>'.WordFile::r(', a date of ')
                .'<w:fldSimple w:instr=" DATE "><w:r><w:t>2026</w:t></w:r></w:fldSimple>'.WordFile::r(', and ')
                .'<w:sdt><w:sdtPr/><w:sdtContent>'.WordFile::r('a held one.').'</w:sdtContent></w:sdt>')
            .WordFile::runs(WordFile::r('secret ', '<w:vanish/>').WordFile::r('hidden and seen'))
            .WordFile::runs('<w:r><mc:AlternateContent><mc:Choice Requires="wps"><w:drawing><wps:txbx><w:txbxContent>'
                .WordFile::p('In a box.').'</w:txbxContent></wps:txbx></w:drawing></mc:Choice><mc:Fallback><w:pict><w:txbxContent>'
                .WordFile::p('In a box.').'</w:txbxContent></w:pict></mc:Fallback></mc:AlternateContent></w:r>')
            .'<w:tbl><w:tblPr/><w:tblGrid><w:gridCol/></w:tblGrid><w:tr><w:tc><w:tcPr/>'.WordFile::p('In a cell.').'</w:tc></w:tr></w:tbl>'
            .WordFile::p('שלום', '', '<w:bidi/>')
            .'<w:p><w:pPr><w:sectPr><w:type w:val="continuous"/><w:pgSz w:w="12240" w:h="15840"/></w:sectPr></w:pPr></w:p>'
            .WordFile::p('After the section.'),
        );
        $note = WordFile::root('footnotes', '<w:footnote w:type="separator" w:id="-1"><w:p><w:r><w:separator/></w:r></w:p></w:footnote>'
            .'<w:footnote w:id="2">'.WordFile::p('So says a note (Brook 99).').'</w:footnote>');
        $comment = WordFile::root('comments', '<w:comment w:id="5" w:author="T">'.WordFile::p('Is it?').'</w:comment>');

        return WordFile::of($body, parts: [
            'word/footnotes.xml' => $note, 'word/comments.xml' => $comment, 'docProps/app.xml' => '<Properties/>',
            'word/media/image1.png' => "\x89PNG not really",
        ], relations: WordFile::relation('rId8', 'footnotes', 'footnotes.xml').WordFile::relation('rId9', 'comments', 'comments.xml'));
    }

    /** Everything set directly, as word processors on the web write it. */
    private static function direct(): string
    {
        $letters = '<w:rFonts w:ascii="Times New Roman" w:cs="Times New Roman" w:eastAsia="Times New Roman" w:hAnsi="Times New Roman"/>'
            .'<w:sz w:val="24"/><w:szCs w:val="24"/><w:rtl w:val="0"/>';
        $spacing = '<w:pageBreakBefore w:val="0"/><w:spacing w:after="0" w:before="0" w:line="480" w:lineRule="auto"/>';
        $paragraph = static fn (string $text, string $more = ''): string => WordFile::runs(WordFile::r($text, $letters), '', $spacing.$more);

        return $paragraph('Ada Adeyemi').$paragraph('Ms. Tolland').$paragraph('History 10').$paragraph('26 November 2026')
            .$paragraph('Bread from the Moon', '<w:jc w:val="center"/>')
            .$paragraph(WordFile::prose('The mill ground for nine parishes (Varga-Brandt).'), '<w:ind w:firstLine="720"/>');
    }

    /** @param  list<string>  $ids */
    private static function page(array $ids): Page
    {
        return Page::compose(DraftCase::sources($ids), Styles::get('mla-9'), new CourseRules(links: true));
    }

    private static function read(string $bytes): Draft
    {
        // Where a paragraph stands in the file changes with what is put in before it.
        return (new DraftFile($bytes))->document()->draft();
    }

    /** @return list<string> the elements right below an element, in canonical XML */
    private static function canonical(string $xml, string $in): array
    {
        $document = new \DOMDocument;
        $document->loadXML($xml);
        $nodes = [];
        foreach ($document->getElementsByTagNameNS(self::W, $in)->item(0)->childNodes ?? [] as $node) {
            $nodes[] = (string) $node->C14N(true);
        }

        return $nodes;
    }

    /**
     * @param  array<string, string>  $parts
     * @return list<string>
     */
    private static function relations(array $parts): array
    {
        $document = new \DOMDocument;
        $document->loadXML($parts['word/_rels/document.xml.rels']);
        $all = [];
        foreach ($document->getElementsByTagNameNS('*', 'Relationship') as $one) {
            $all[] = "{$one->getAttribute('Id')}|{$one->getAttribute('Type')}|{$one->getAttribute('Target')}";
        }

        return $all;
    }
}
