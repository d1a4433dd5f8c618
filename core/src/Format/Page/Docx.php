<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Text\Run;

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

    /** Without widow control a sheet here holds the same lines as on the screen. */
    private const DOUBLE = '<w:widowControl w:val="0"/><w:spacing w:before="0" w:after="0" w:line="480" w:lineRule="auto"/>';

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
        return self::zip(array_map(static fn (string $xml): string => self::HEAD.$xml, [
            '[Content_Types].xml' => self::contentTypes(),
            '_rels/.rels' => self::relationships([
                ['officeDocument/2006/relationships/officeDocument', 'word/document.xml'],
                ['package/2006/relationships/metadata/core-properties', 'docProps/core.xml'],
            ]),
            'docProps/core.xml' => self::properties($setup->title ?: $page->heading),
            'word/_rels/document.xml.rels' => self::relationships([
                ['officeDocument/2006/relationships/styles', 'styles.xml'],
                ['officeDocument/2006/relationships/header', 'header1.xml'],
            ]),
            'word/styles.xml' => self::styles($page),
            'word/header1.xml' => self::header($setup->head),
            'word/document.xml' => self::document($page),
        ]));
    }

    private static function contentTypes(): string
    {
        $parts = [
            '/word/document.xml' => 'officedocument.wordprocessingml.document.main+xml',
            '/word/styles.xml' => 'officedocument.wordprocessingml.styles+xml',
            '/word/header1.xml' => 'officedocument.wordprocessingml.header+xml',
            '/docProps/core.xml' => 'package.core-properties+xml',
        ];
        $overrides = '';
        foreach ($parts as $name => $type) {
            $overrides .= "<Override PartName=\"{$name}\" ContentType=\"".self::TYPES."{$type}\"/>";
        }

        return '<Types xmlns="'.self::RELATIONS.'package/2006/content-types">'
            .'<Default Extension="rels" ContentType="'.self::TYPES.'package.relationships+xml"/>'
            .'<Default Extension="xml" ContentType="application/xml"/>'.$overrides.'</Types>';
    }

    /** @param  list<array{string, string}>  $targets  type and place of each */
    private static function relationships(array $targets): string
    {
        $xml = '';
        foreach ($targets as $i => [$type, $target]) {
            $xml .= '<Relationship Id="rId'.($i + 1).'" Type="'.self::RELATIONS.$type.'" Target="'.$target.'"/>';
        }

        return '<Relationships xmlns="'.self::RELATIONS."package/2006/relationships\">{$xml}</Relationships>";
    }

    private static function properties(string $title): string
    {
        return '<cp:coreProperties xmlns:cp="'.self::RELATIONS.'package/2006/metadata/core-properties"'
            .' xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title>'.self::escaped($title)
                .'</dc:title></cp:coreProperties>';
    }

    private static function header(RunningHead $head): string
    {
        $field = static fn (string $type): string => "<w:r><w:fldChar w:fldCharType=\"{$type}\"/></w:r>";
        $left = $head->atLeft ? '<w:tabs><w:tab w:val="right" w:pos="9360"/></w:tabs><w:jc w:val="left"/>' : '';
        $text = $head->text === '' ? '' : self::run($head->text.($head->atLeft ? '' : ' '), false);

        return '<w:hdr '.self::W.'><w:p><w:pPr><w:pStyle w:val="Header"/>'.$left.'</w:pPr>'.$text
            .($head->atLeft ? '<w:r><w:tab/></w:r>' : '')
            .$field('begin').'<w:r><w:instrText xml:space="preserve"> PAGE </w:instrText></w:r>'
            .$field('separate').'<w:r><w:t>1</w:t></w:r>'.$field('end').'</w:p></w:hdr>';
    }

    private static function document(Page $page): string
    {
        $body = self::paragraph('Heading1', self::run($page->heading, false));
        foreach ($page->entries as $entry) {
            $runs = array_map(
                static fn (Run $run): string => self::run($run->breakable(), $run->italic),
                $entry->runs,
            );
            $body .= self::paragraph('Bibliography', implode('', $runs));
            foreach ($entry->annotation() as $paragraph) {
                $body .= self::paragraph('Annotation', self::run($paragraph, false));
            }
        }

        return '<w:document '.self::W.' xmlns:r="'.self::RELATIONS.'officeDocument/2006/relationships"><w:body>'.$body
            .'<w:sectPr><w:headerReference w:type="default" r:id="rId2"/><w:pgSz w:w="12240" w:h="15840"/>'
            .'<w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="1440" w:header="720" w:footer="720" w:gutter="0"/>'
            .'</w:sectPr></w:body></w:document>';
    }

    private static function styles(Page $page): string
    {
        $bold = $page->headingIsBold ? '<w:b/><w:bCs/>' : '<w:b w:val="0"/><w:bCs w:val="0"/>';
        $indent = (int) round(1440 * $page->annotationIndent);
        $single = '<w:spacing w:before="0" w:after="0" w:line="240" w:lineRule="auto"/><w:jc w:val="right"/>';

        return '<w:styles '.self::W.'>'
            .'<w:docDefaults><w:rPrDefault><w:rPr>'.self::FACE.'</w:rPr></w:rPrDefault>'
            .'<w:pPrDefault><w:pPr>'.self::DOUBLE.'</w:pPr></w:pPrDefault></w:docDefaults>'
            .'<w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/>'
            .'<w:pPr>'.self::DOUBLE.'</w:pPr></w:style>'
            .self::style('Heading1', 'heading 1', '<w:next w:val="Bibliography"/>', self::DOUBLE.'<w:jc w:val="center"/><w:outlineLvl w:val="0"/>',
                "<w:rPr>{$bold}<w:color w:val=\"auto\"/><w:sz w:val=\"24\"/><w:szCs w:val=\"24\"/></w:rPr>")
            .self::style('Bibliography', 'Bibliography', '', self::DOUBLE.'<w:ind w:left="720" w:hanging="720"/>')
            .self::style('Annotation', 'Annotation', '', self::DOUBLE."<w:ind w:left=\"{$indent}\"/>")
            .self::style('Header', 'header', '', $single)
            .'</w:styles>';
    }

    private static function style(string $id, string $name, string $next, string $paragraph, string $run = ''): string
    {
        return "<w:style w:type=\"paragraph\" w:styleId=\"{$id}\"><w:name w:val=\"{$name}\"/><w:basedOn w:val=\"Normal\"/>{$next}"
            ."<w:pPr>{$paragraph}</w:pPr>{$run}</w:style>";
    }

    private static function paragraph(string $style, string $runs): string
    {
        return "<w:p><w:pPr><w:pStyle w:val=\"{$style}\"/></w:pPr>{$runs}</w:p>";
    }

    private static function run(string $text, bool $italic): string
    {
        $settings = $italic ? '<w:rPr><w:i/><w:iCs/></w:rPr>' : '';

        return "<w:r>{$settings}<w:t xml:space=\"preserve\">".self::escaped($text).'</w:t></w:r>';
    }

    /** Without the control characters XML cannot hold. */
    private static function escaped(string $text): string
    {
        $text = (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x{FFFE}\x{FFFF}]/u', '', $text);

        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
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
