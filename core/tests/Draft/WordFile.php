<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Format\Package;

/** Writes small .docx files by hand, with the markup different word processors are in the habit of writing. */
final class WordFile
{
    private const W = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"'
        .' xmlns:r="http://schemas.openxmlformats.org/officeDocument/2006/relationships"'
        .' xmlns:mc="http://schemas.openxmlformats.org/markup-compatibility/2006"'
        .' xmlns:wps="http://schemas.microsoft.com/office/word/2010/wordprocessingShape"';

    private const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    private const R = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const T = 'application/vnd.openxmlformats-officedocument.wordprocessingml';

    /** Double-spaced, Times New Roman 12, first lines set in: as a style sheet that was filled in with care. */
    public const STYLES = '<w:docDefaults><w:rPrDefault><w:rPr><w:rFonts w:ascii="Times New Roman" w:hAnsi="Times New Roman"/>'
        .'<w:sz w:val="24"/><w:lang w:val="en-GB"/></w:rPr></w:rPrDefault><w:pPrDefault/></w:docDefaults>'
        .'<w:style w:type="paragraph" w:default="1" w:styleId="Normal"><w:name w:val="Normal"/><w:pPr>'
        .'<w:spacing w:before="0" w:after="0" w:line="480" w:lineRule="auto"/></w:pPr></w:style>'
        .'<w:style w:type="paragraph" w:styleId="Text"><w:name w:val="Body Text"/><w:basedOn w:val="Normal"/><w:pPr>'
        .'<w:ind w:firstLine="720"/></w:pPr></w:style>'
        .'<w:style w:type="paragraph" w:styleId="Entry"><w:name w:val="Entry"/><w:basedOn w:val="Normal"/><w:pPr>'
        .'<w:ind w:left="720" w:hanging="720"/></w:pPr></w:style>'
        .'<w:style w:type="character" w:styleId="Emphasis"><w:name w:val="Emphasis"/><w:rPr><w:i/></w:rPr></w:style>';

    public const SHEET = '<w:sectPr><w:headerReference w:type="default" r:id="rId7"/><w:pgSz w:w="12240" w:h="15840"/>'
        .'<w:pgMar w:top="1440" w:right="1440" w:bottom="1440" w:left="1440" w:header="720" w:footer="720" w:gutter="0"/></w:sectPr>';

    public const HEADER = '<w:p><w:pPr><w:jc w:val="right"/></w:pPr><w:r><w:t xml:space="preserve">Adeyemi </w:t></w:r>'
        .'<w:r><w:fldChar w:fldCharType="begin"/></w:r><w:r><w:instrText xml:space="preserve"> PAGE </w:instrText></w:r>'
        .'<w:r><w:fldChar w:fldCharType="separate"/></w:r><w:r><w:t>1</w:t></w:r><w:r><w:fldChar w:fldCharType="end"/></w:r></w:p>';

    /** @param  array<string, string>  $parts  further parts, with what ties them to the document in `relations` */
    public static function of(
        string $body,
        string $styles = self::STYLES,
        string $sheet = self::SHEET,
        string $header = self::HEADER,
        array $parts = [],
        string $relations = '',
        string $types = '',
    ): string {
        $root = static fn (string $name, string $xml): string => self::HEAD."<w:{$name} ".self::W.">{$xml}</w:{$name}>";

        return (new Package([
            '[Content_Types].xml' => self::HEAD.'<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
                .'<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
                .'<Default Extension="xml" ContentType="application/xml"/>'
                .'<Override PartName="/word/document.xml" ContentType="'.self::T.'.document.main+xml"/>'
                .'<Override PartName="/word/styles.xml" ContentType="'.self::T.'.styles+xml"/>'
                .'<Override PartName="/word/header1.xml" ContentType="'.self::T.'.header+xml"/>'.$types.'</Types>',
            '_rels/.rels' => self::HEAD.'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
                .'<Relationship Id="rId1" Type="'.self::R.'/officeDocument" Target="word/document.xml"/></Relationships>',
            'word/document.xml' => $root('document', "<w:body>{$body}{$sheet}</w:body>"),
            'word/styles.xml' => $root('styles', $styles),
            'word/header1.xml' => $root('hdr', $header),
            'word/_rels/document.xml.rels' => self::HEAD
                .'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
                .'<Relationship Id="rId1" Type="'.self::R.'/styles" Target="styles.xml"/>'
                .'<Relationship Id="rId7" Type="'.self::R.'/header" Target="header1.xml"/>'.$relations.'</Relationships>',
            ...array_map(static fn (string $xml): string => self::HEAD.$xml, $parts),
        ]))->bytes();
    }

    public static function relation(string $id, string $type, string $target): string
    {
        return "<Relationship Id=\"{$id}\" Type=\"".self::R."/{$type}\" Target=\"{$target}\"/>";
    }

    public static function root(string $name, string $xml): string
    {
        return "<w:{$name} ".self::W.">{$xml}</w:{$name}>";
    }

    public static function p(string $text, string $style = '', string $settings = ''): string
    {
        return self::runs($text === '' ? '' : self::r($text), $style, $settings);
    }

    public static function runs(string $runs, string $style = '', string $settings = ''): string
    {
        $style = $style === '' ? '' : "<w:pStyle w:val=\"{$style}\"/>";

        return "<w:p><w:pPr>{$style}{$settings}</w:pPr>{$runs}</w:p>";
    }

    public static function r(string $text, string $settings = ''): string
    {
        $settings = $settings === '' ? '' : "<w:rPr>{$settings}</w:rPr>";

        return "<w:r>{$settings}<w:t xml:space=\"preserve\">".htmlspecialchars($text, ENT_XML1).'</w:t></w:r>';
    }

    /** A paper in MLA as it should be, with its list at the end. */
    public static function paper(string $more = '', string $list = ''): string
    {
        $block = implode('', array_map(self::p(...), ['Ada Adeyemi', 'Ms. Tolland', 'History 10', '26 November 2026']));
        $title = self::p('Bread from the Moon', '', '<w:jc w:val="center"/>');
        $text = self::p(self::prose('The mill at Low Sallow ground for nine parishes (Varga-Brandt).'), 'Text')
            .self::p(self::prose('Brook counts forty such mills on the coast (15–17).'), 'Text');

        return $block.$title.$text.$more.$list;
    }

    public static function list(string $break = '<w:pageBreakBefore/>'): string
    {
        return self::p('Works Cited', '', "{$break}<w:jc w:val=\"center\"/>")
            .self::p('Brook, Halima. Moonpower. Quayside Press, 2014.', 'Entry')
            .self::p('Varga-Brandt, Ilse. “Wild Lamps.” Slack Water Review, 2 Apr. 2021, www.slackwater.example/wild-lamps.', 'Entry');
    }

    /** A sentence, and as many after it as make a paragraph of running text. */
    public static function prose(string $sentence): string
    {
        return "{$sentence} Its wheel stood still for half of every day, which the miller spent asleep, and his neighbours had "
            .'learned over the years to keep the same hours as he did, or to do without bread.';
    }

    /** @return array<string, string> what is in a package, by name */
    public static function parts(string $bytes): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'draft');
        file_put_contents($file, $bytes);
        $zip = new \ZipArchive;
        $zip->open($file);
        $parts = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $parts[(string) $zip->getNameIndex($i)] = (string) $zip->getFromIndex($i);
        }
        unlink($file);

        return $parts;
    }
}
