<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\Word\WordPage;
use Bibrel\Core\Format\Word\WordSources;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\PaperSize;

/**
 * A word-processor document (OOXML, ECMA-376): Times New Roman 12, double spacing with nothing between paragraphs,
 * half-inch hanging indents, one-inch margins, running head with a page number field. All of it is paragraph settings
 * and styles; no tab and no empty paragraph stands for layout.
 *
 * Lengths are in twentieths of a point (1440 to the inch), type sizes in half points.
 */
final class Docx implements PageFormat
{
    private const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';

    private const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    private const TYPES = 'application/vnd.openxmlformats-';

    private const RELATIONS = 'http://schemas.openxmlformats.org/';

    private const OFFICE = 'officeDocument/2006/relationships/';

    private const FACE = '<w:rFonts w:ascii="Times New Roman" w:hAnsi="Times New Roman" w:eastAsia="Times New Roman"'
        .' w:cs="Times New Roman"/><w:sz w:val="24"/><w:szCs w:val="24"/><w:lang w:val="en-US"/>';

    public function id(): string
    {
        return 'docx';
    }

    public function label(): string
    {
        return 'Word-processor document';
    }

    public function mediaType(): string
    {
        return self::TYPES.'officedocument.wordprocessingml.document';
    }

    public function rank(): int
    {
        return 10;
    }

    public function write(Page $page, PageSetup $setup): string
    {
        $text = new WordPage($page);
        $after = $setup->appendix === null ? '' : WordPage::appendix($setup->appendix);
        $document = self::document($text->paragraphs().$after, $setup);
        $parts = [
            '[Content_Types].xml' => self::contentTypes(),
            '_rels/.rels' => self::relationships([
                'rId1' => [self::OFFICE.'officeDocument', 'word/document.xml'],
                'rId2' => ['package/2006/relationships/metadata/core-properties', 'docProps/core.xml'],
            ]),
            'docProps/core.xml' => self::properties($setup->title ?: $page->heading),
            'word/_rels/document.xml.rels' => self::relationships([
                'rId1' => [self::OFFICE.'styles', 'styles.xml'],
                'rId2' => [self::OFFICE.'header', 'header1.xml'],
                'rId3' => [self::OFFICE.'customXml', '../customXml/item1.xml'],
            ], $text->links()),
            'word/document.xml' => $document,
            'word/styles.xml' => self::styles($text),
            'word/header1.xml' => self::header($setup),
            'customXml/item1.xml' => WordSources::of($page)->xml(),
            'customXml/itemProps1.xml' => WordSources::properties(),
            'customXml/_rels/item1.xml.rels' => self::relationships([
                'rId1' => [self::OFFICE.'customXmlProps', 'itemProps1.xml'],
            ]),
        ];

        return (new Package(array_map(static fn (string $xml): string => self::HEAD.$xml, $parts)))->bytes();
    }

    private static function contentTypes(): string
    {
        $parts = [
            '/word/document.xml' => 'officedocument.wordprocessingml.document.main+xml',
            '/word/styles.xml' => 'officedocument.wordprocessingml.styles+xml',
            '/word/header1.xml' => 'officedocument.wordprocessingml.header+xml',
            '/docProps/core.xml' => 'package.core-properties+xml',
            '/customXml/itemProps1.xml' => 'officedocument.customXmlProperties+xml',
        ];
        $overrides = '';
        foreach ($parts as $name => $type) {
            $overrides .= "<Override PartName=\"{$name}\" ContentType=\"".self::TYPES."{$type}\"/>";
        }

        return '<Types xmlns="'.self::RELATIONS.'package/2006/content-types">'
            .'<Default Extension="rels" ContentType="'.self::TYPES.'package.relationships+xml"/>'
            .'<Default Extension="xml" ContentType="application/xml"/>'.$overrides.'</Types>';
    }

    /**
     * @param  array<string, array{string, string}>  $targets  type and place of each part, by their ids
     * @param  array<string, string>  $links  addresses by their ids
     */
    private static function relationships(array $targets, array $links = []): string
    {
        $xml = '';
        foreach ($targets as $id => [$type, $target]) {
            $xml .= '<Relationship Id="'.$id.'" Type="'.self::RELATIONS.$type.'" Target="'.$target.'"/>';
        }
        foreach ($links as $id => $address) {
            $xml .= '<Relationship Id="'.$id.'" Type="'.self::RELATIONS.self::OFFICE.'hyperlink" Target="'
                .Package::escaped($address).'" TargetMode="External"/>';
        }

        return '<Relationships xmlns="'.self::RELATIONS."package/2006/relationships\">{$xml}</Relationships>";
    }

    private static function properties(string $title): string
    {
        return '<cp:coreProperties xmlns:cp="'.self::RELATIONS.'package/2006/metadata/core-properties"'
            .' xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title>'.Package::escaped($title)
            .'</dc:title><dc:language>en-US</dc:language></cp:coreProperties>';
    }

    private static function header(PageSetup $setup): string
    {
        $head = $setup->head;
        $field = static fn (string $type): string => "<w:r><w:fldChar w:fldCharType=\"{$type}\"/></w:r>";
        $right = $setup->paper->textWidth();
        $left = $head->atLeft
            ? "<w:tabs><w:tab w:val=\"right\" w:pos=\"{$right}\"/></w:tabs><w:jc w:val=\"left\"/>"
            : '';
        $text = $head->text === ''
            ? ''
            : '<w:r><w:t xml:space="preserve">'.Package::escaped($head->text.($head->atLeft ? '' : ' ')).'</w:t></w:r>';

        return '<w:hdr '.self::W.'><w:p><w:pPr><w:pStyle w:val="Header"/>'.$left.'</w:pPr>'.$text
            .($head->atLeft ? '<w:r><w:tab/></w:r>' : '')
            .$field('begin').'<w:r><w:instrText xml:space="preserve"> PAGE </w:instrText></w:r>'
            .$field('separate')."<w:r><w:t>{$setup->firstPage}</w:t></w:r>".$field('end').'</w:p></w:hdr>';
    }

    private static function document(string $paragraphs, PageSetup $setup): string
    {
        $width = $setup->paper->width();
        $code = $setup->paper === PaperSize::A4 ? ' w:code="9"' : ' w:code="1"';

        return '<w:document '.self::W.' xmlns:r="'.self::RELATIONS.'officeDocument/2006/relationships"><w:body>'
            .$paragraphs.'<w:sectPr><w:headerReference w:type="default" r:id="rId2"/>'
            ."<w:pgSz w:w=\"{$width}\" w:h=\"{$setup->paper->height()}\"{$code}/>"
            .'<w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="1440" w:header="720" w:footer="720" '
            .'w:gutter="0"/>'
            .($setup->firstPage === 1 ? '' : "<w:pgNumType w:start=\"{$setup->firstPage}\"/>")
            .'</w:sectPr></w:body></w:document>';
    }

    private static function styles(WordPage $text): string
    {
        $single = '<w:spacing w:before="0" w:after="0" w:line="240" w:lineRule="auto"/><w:jc w:val="right"/>';
        $heading = "<w:rPr>{$text->headingRun()}<w:color w:val=\"auto\"/><w:sz w:val=\"24\"/><w:szCs "
            .'w:val="24"/></w:rPr>';

        return '<w:styles '.self::W.'>'
            .'<w:docDefaults><w:rPrDefault><w:rPr>'.self::FACE.'</w:rPr></w:rPrDefault>'
            .'<w:pPrDefault><w:pPr>'.WordPage::DOUBLE.'</w:pPr></w:pPrDefault></w:docDefaults>'
            .'<w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/>'
            .'<w:pPr>'.WordPage::DOUBLE.'</w:pPr></w:style>'
            .self::style(
                'Heading1',
                'heading 1',
                '<w:next w:val="Bibliography"/>',
                WordPage::headingParagraph(),
                $heading,
            )
            .self::style('Bibliography', 'Bibliography', '', WordPage::entryParagraph())
            .self::style('Annotation', 'Annotation', '', $text->annotationParagraph())
            .self::style(
                'Heading2',
                'heading 2',
                '<w:next w:val="Note"/>',
                '<w:keepNext/>'.WordPage::DOUBLE.'<w:outlineLvl w:val="1"/>',
                '<w:rPr><w:b/><w:bCs/><w:color w:val="auto"/><w:sz w:val="24"/><w:szCs w:val="24"/></w:rPr>',
            )
            .self::style('Note', 'Note', '', WordPage::DOUBLE.'<w:ind w:left="360"/>')
            .self::style('Header', 'header', '', $single)
            .'</w:styles>';
    }

    private static function style(string $id, string $name, string $next, string $paragraph, string $run = ''): string
    {
        return "<w:style w:type=\"paragraph\" w:styleId=\"{$id}\"><w:name w:val=\"{$name}\"/><w:basedOn "
            ."w:val=\"Normal\"/>{$next}"
            ."<w:pPr>{$paragraph}</w:pPr>{$run}</w:style>";
    }
}
