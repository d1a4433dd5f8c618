<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Draft\Layout\LayoutCheck;
use Bibrel\Core\Draft\Layout\LayoutIssue;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a whole paper is set, as teachers check it (MLA Handbook, 9th ed., 1.1 to 1.6; APA Manual, 7th ed., 2.1 to 2.24). */
final class LayoutTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> a paper in MLA, and what is wrong with it */
    public static function papers(): iterable
    {
        $text = WordFile::prose('Another paragraph.');
        yield 'as it should be' => [WordFile::of(WordFile::paper(list: WordFile::list())), []];
        yield 'as it should be, without a list' => [WordFile::of(WordFile::paper()), []];
        yield 'single-spaced in one paragraph' => [self::with(WordFile::p($text, 'Text', '<w:spacing w:line="240" w:lineRule="auto"/>')), ['line-spacing']];
        yield 'spaced by one and a half throughout' => [WordFile::of(WordFile::paper(), str_replace('w:line="480"', 'w:line="360"', WordFile::STYLES)), ['line-spacing']];
        yield 'exactly double for its size' => [self::with(WordFile::p($text, 'Text', '<w:spacing w:line="552" w:lineRule="exact"/>')), []];
        yield 'with space after a paragraph' => [self::with(WordFile::p($text, 'Text', '<w:spacing w:after="200"/>')), ['space-between']];
        yield 'with empty lines between paragraphs' => [self::with(WordFile::p('').WordFile::p($text, 'Text')), ['empty-lines']];
        yield 'with a paragraph that is not set in' => [self::with(WordFile::p($text)), ['first-line']];
        yield 'set in by a tab' => [self::with(WordFile::runs('<w:r><w:tab/></w:r>'.WordFile::r($text))), ['indent-by-hand']];
        yield 'in another face' => [self::with(WordFile::runs(WordFile::r($text, '<w:rFonts w:ascii="Comic Hand"/>'), 'Text')), ['type-face']];
        yield 'in another size' => [self::with(WordFile::runs(WordFile::r($text, '<w:sz w:val="28"/>'), 'Text')), ['type-size']];
        yield 'in letters too large' => [WordFile::of(WordFile::paper(), str_replace('w:sz w:val="24"', 'w:sz w:val="32"', WordFile::STYLES)), ['type-size']];
        yield 'with narrow margins' => [WordFile::of(WordFile::paper(), sheet: str_replace('w:left="1440"', 'w:left="1000"', WordFile::SHEET)), ['margins']];
        yield 'with margins of 2.54 cm' => [WordFile::of(WordFile::paper(), sheet: str_replace('1440', '1438', WordFile::SHEET)), []];
        yield 'without page numbers' => [WordFile::of(WordFile::paper(), header: WordFile::p('Adeyemi')), ['page-number']];
        yield 'without a name at the head' => [WordFile::of(WordFile::paper(), header: str_replace('Adeyemi ', '', WordFile::HEADER)), ['running-head']];
        yield 'without the lines at the head' => [WordFile::of(WordFile::p('Bread', '', '<w:jc w:val="center"/>').WordFile::p($text, 'Text')), ['heading-block']];
        yield 'with a bold title' => [WordFile::of(str_replace('<w:r><w:t xml:space="preserve">Bread', '<w:r><w:rPr><w:b/></w:rPr><w:t xml:space="preserve">Bread', WordFile::paper())), ['title']];
        yield 'with a long quotation in the text' => [self::with(WordFile::p('As one of them says, “'.str_repeat('the tide came in and the tide went out and ', 7).'that was all” (Brook 15).', 'Text')), ['block-quotation']];
        yield 'with a list headed in bold' => [self::listed(str_replace('<w:r><w:t xml:space="preserve">Works', '<w:r><w:rPr><w:b/></w:rPr><w:t xml:space="preserve">Works', WordFile::list())), ['list-heading']];
        yield 'with a list called otherwise' => [self::listed(str_replace('Works Cited', 'Bibliography', WordFile::list())), ['list-heading']];
        yield 'with a list at the left' => [self::listed(str_replace('<w:jc w:val="center"/>', '', WordFile::list())), ['list-heading']];
        yield 'with a list on the last sheet' => [self::listed(WordFile::list('')), ['list-break']];
        yield 'with a break by hand before the list' => [self::listed('<w:p><w:r><w:br w:type="page"/></w:r></w:p>'.WordFile::list('')), []];
        yield 'with entries that do not hang' => [self::listed(str_replace('"Entry"', '"Normal"', WordFile::list())), ['hanging-indent']];
        yield 'with entries set in by Enter and Tab' => [self::listed(str_replace('Slack Water', '</w:t><w:br/><w:tab/><w:t>Slack Water', WordFile::list())), ['hanging-by-hand']];
        yield 'with an appendix after the list' => [self::listed(WordFile::list().WordFile::p('Appendix A', '', '<w:pageBreakBefore/><w:jc w:val="center"/>')), []];
    }

    /** @param  list<string>  $ids */
    #[DataProvider('papers')]
    public function test_a_paper_in_mla_is_looked_at_as_a_teacher_does(string $bytes, array $ids): void
    {
        self::assertSame($ids, self::issues($bytes, 'mla-9'));
    }

    public function test_apa_wants_a_title_page_a_bold_heading_and_no_name(): void
    {
        $centred = '<w:jc w:val="center"/>';
        $title = WordFile::runs(WordFile::r('Dimming the Harbour', '<w:b/>'), '', $centred).WordFile::p('Ada Adeyemi', '', $centred)
            .WordFile::p('Harbour College', '', $centred);
        $text = WordFile::p(WordFile::prose('Lamps draw bats (Okafor et al., 2018).'), 'Text', '<w:pageBreakBefore/>');
        $list = WordFile::runs(WordFile::r('References', '<w:b/>'), '', "<w:pageBreakBefore/>{$centred}")
            .WordFile::p('Okafor, C., Lind, P., & Marsh, D. (2018). Bats under lamps. Night Ecology, 7, 11–30.', 'Entry');
        $number = str_replace('Adeyemi ', '', WordFile::HEADER);
        self::assertSame([], self::issues(WordFile::of($title.$text.$list, header: $number), 'apa-7'));
        self::assertSame(['title-page', 'list-heading'], self::issues(WordFile::of(WordFile::paper(list: str_replace('Works Cited', 'References', WordFile::list()))), 'apa-7'));
        self::assertSame(['title'], self::issues(WordFile::of(str_replace('<w:b/>', '', $title).$text, header: $number), 'apa-7'));
    }

    public function test_styles_are_inherited_and_defaults_hold_as_in_a_word_processor(): void
    {
        $styles = '<w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:asciiTheme="minorHAnsi"/><w:sz w:val="24"/></w:rPr></w:rPrDefault>'
            .'<w:pPrDefault><w:pPr><w:spacing w:after="160" w:line="259" w:lineRule="auto"/></w:pPr></w:pPrDefault></w:docDefaults>'
            .'<w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/></w:style>'
            .'<w:style w:type="paragraph" w:styleId="A"><w:name w:val="A"/><w:basedOn w:val="Normal"/><w:pPr><w:spacing w:after="0"/></w:pPr></w:style>'
            .'<w:style w:type="paragraph" w:styleId="B"><w:name w:val="B"/><w:basedOn w:val="A"/><w:pPr><w:spacing w:line="480"/><w:ind w:firstLine="720"/></w:pPr><w:rPr><w:sz w:val="22"/></w:rPr></w:style>';
        $theme = '<a:theme xmlns:a="http://schemas.openxmlformats.org/drawingml/2006/main"><a:minorFont><a:latin typeface="Carlito"/></a:minorFont></a:theme>';
        $draft = (new DraftFile(WordFile::of(
            WordFile::p('One').WordFile::p('Two', 'B').WordFile::p('Three', 'B', '<w:ind w:hanging="360"/>'),
            $styles,
            parts: ['word/theme/theme1.xml' => $theme],
            relations: WordFile::relation('rId3', 'theme', 'theme/theme1.xml'),
        )))->draft();
        [$one, $two, $three] = array_map(static fn ($paragraph) => $paragraph->look, $draft->paragraphs);
        self::assertSame([1.08, 160, 'Carlito', 12.0], [$one->lines, $one->after, $one->face, $one->size]);
        self::assertSame([2.0, 0, 720, 11.0, 'B'], [$two->lines, $two->after, $two->first, $two->size, $two->style]);
        self::assertSame(-360, $three->first);
    }

    private static function with(string $paragraphs): string
    {
        return WordFile::of(WordFile::paper($paragraphs));
    }

    private static function listed(string $list): string
    {
        return WordFile::of(WordFile::paper(list: $list));
    }

    /** @return list<string> */
    private static function issues(string $bytes, string $style): array
    {
        $draft = (new DraftFile($bytes))->draft();
        $issues = (new LayoutCheck(Styles::get($style)->paper()))->issues($draft, SourceList::find($draft));

        return array_values(array_unique(array_map(static fn (LayoutIssue $one): string => $one->id, $issues)));
    }
}
