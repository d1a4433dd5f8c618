<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Text\Run;

/**
 * A page as a word-processor document (OOXML, ECMA-376): Times New Roman 12, double spacing with nothing between
 * paragraphs, half-inch hanging indents, one-inch margins, running head with a page number field. All of it is
 * paragraph settings and styles; no tab and no empty paragraph stands for layout.
 *
 * Lengths are in twentieths of a point (1440 to the inch), type sizes in half points.
 */
final class Docx
{
    private const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"';

    private const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    /**
     * @return string the bytes of the file
     */
    public static function page(Page $page, RunningHead $head, string $title): string
    {
        return self::zip([
            '[Content_Types].xml' => self::HEAD.'<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" ContentType="application/xml"/><Override PartName="/word/document.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/><Override PartName="/word/styles.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.styles+xml"/><Override PartName="/word/header1.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.header+xml"/><Override PartName="/docProps/core.xml" ContentType="application/vnd.openxmlformats-package.core-properties+xml"/></Types>',
            '_rels/.rels' => self::HEAD.'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/><Relationship Id="rId2" Type="http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties" Target="docProps/core.xml"/></Relationships>',
            'docProps/core.xml' => self::HEAD.'<cp:coreProperties xmlns:cp="http://schemas.openxmlformats.org/package/2006/metadata/core-properties" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title>'.self::text($title).'</dc:title></cp:coreProperties>',
            'word/_rels/document.xml.rels' => self::HEAD.'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles" Target="styles.xml"/><Relationship Id="rId2" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/header" Target="header1.xml"/></Relationships>',
            'word/styles.xml' => self::styles($page->headingIsBold, $page->family),
            'word/header1.xml' => self::HEAD.'<w:hdr '.self::W.'><w:p><w:pPr><w:pStyle w:val="Header"/>'.($head->atLeft ? '<w:tabs><w:tab w:val="right" w:pos="9360"/></w:tabs><w:jc w:val="left"/>' : '').'</w:pPr>'.($head->text === '' ? '' : self::run($head->text.($head->atLeft ? '' : ' '), false)).($head->atLeft ? '<w:r><w:tab/></w:r>' : '').'<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText xml:space="preserve"> PAGE </w:instrText></w:r><w:r><w:fldChar w:fldCharType="separate"/></w:r><w:r><w:t>1</w:t></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r></w:p></w:hdr>',
            'word/document.xml' => self::document($page),
        ]);
    }

    private static function document(Page $page): string
    {
        $body = '<w:p><w:pPr><w:pStyle w:val="Heading1"/></w:pPr>'.self::run($page->heading, false).'</w:p>';
        foreach ($page->entries as $entry) {
            $body .= '<w:p><w:pPr><w:pStyle w:val="Bibliography"/></w:pPr>'.implode('', array_map(static fn (Run $run): string => self::run($run->text, $run->italic), $entry->runs)).'</w:p>';
            foreach ($entry->annotation() as $paragraph) {
                $body .= '<w:p><w:pPr><w:pStyle w:val="Annotation"/></w:pPr>'.self::run($paragraph, false).'</w:p>';
            }
        }

        return self::HEAD.'<w:document '.self::W.' xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"><w:body>'.$body
            .'<w:sectPr><w:headerReference w:type="default" r:id="rId2"/><w:pgSz w:w="12240" w:h="15840"/><w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="1440" w:header="720" w:footer="720" w:gutter="0"/></w:sectPr></w:body></w:document>';
    }

    private static function styles(bool $boldHeading, string $family): string
    {
        // Without widow control a sheet here holds the same lines as on the screen.
        $double = '<w:widowControl w:val="0"/><w:spacing w:before="0" w:after="0" w:line="480" w:lineRule="auto"/>';

        return self::HEAD.'<w:styles '.self::W.'>'
            .'<w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii="Times New Roman" w:hAnsi="Times New Roman" w:eastAsia="Times New Roman" w:cs="Times New Roman"/><w:sz w:val="24"/><w:szCs w:val="24"/><w:lang w:val="en-US"/></w:rPr></w:rPrDefault><w:pPrDefault><w:pPr>'.$double.'</w:pPr></w:pPrDefault></w:docDefaults>'
            .'<w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/><w:pPr>'.$double.'</w:pPr></w:style>'
            .'<w:style w:type="paragraph" w:styleId="Heading1"><w:name w:val="heading 1"/><w:basedOn w:val="Normal"/><w:next w:val="Bibliography"/><w:pPr>'.$double.'<w:jc w:val="center"/><w:outlineLvl w:val="0"/></w:pPr><w:rPr>'.($boldHeading ? '<w:b/><w:bCs/>' : '<w:b w:val="0"/><w:bCs w:val="0"/>').'<w:color w:val="auto"/><w:sz w:val="24"/><w:szCs w:val="24"/></w:rPr></w:style>'
            .'<w:style w:type="paragraph" w:styleId="Bibliography"><w:name w:val="Bibliography"/><w:basedOn w:val="Normal"/><w:pPr>'.$double.'<w:ind w:left="720" w:hanging="720"/></w:pPr></w:style>'
            .'<w:style w:type="paragraph" w:styleId="Annotation"><w:name w:val="Annotation"/><w:basedOn w:val="Normal"/><w:pPr>'.$double.'<w:ind w:left="'.($family === 'mla' ? 1440 : 720).'"/></w:pPr></w:style>'
            .'<w:style w:type="paragraph" w:styleId="Header"><w:name w:val="header"/><w:basedOn w:val="Normal"/><w:pPr><w:spacing w:before="0" w:after="0" w:line="240" w:lineRule="auto"/><w:jc w:val="right"/></w:pPr></w:style>'
            .'</w:styles>';
    }

    private static function run(string $text, bool $italic): string
    {
        return '<w:r>'.($italic ? '<w:rPr><w:i/><w:iCs/></w:rPr>' : '').'<w:t xml:space="preserve">'.self::text($text).'</w:t></w:r>';
    }

    /** Without the control characters XML cannot hold. */
    private static function text(string $text): string
    {
        return htmlspecialchars((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x{FFFE}\x{FFFF}]/u', '', $text), ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
    }

    /** @param  array<string, string>  $parts */
    private static function zip(array $parts): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'bibrel');
        try {
            $zip = new \ZipArchive;
            $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
            foreach ($parts as $name => $xml) {
                $zip->addFromString($name, $xml);
            }
            $zip->close();

            return (string) file_get_contents($file);
        } finally {
            unlink($file);
        }
    }
}
