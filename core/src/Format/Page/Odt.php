<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\OpenText\OdtPage;
use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Page\Page;

/**
 * An open text document (ODF 1.3, ISO/IEC 26300): the same settings as the .docx, as named styles, with a page number
 * field in the header. Lengths are in inches and points.
 */
final class Odt implements PageFormat
{
    private const HEAD = '<?xml version="1.0" encoding="UTF-8"?>'."\n";

    private const MEDIA_TYPE = 'application/vnd.oasis.opendocument.text';

    public function id(): string
    {
        return 'odt';
    }

    public function label(): string
    {
        return 'Open text document';
    }

    public function mediaType(): string
    {
        return self::MEDIA_TYPE;
    }

    public function rank(): int
    {
        return 15;
    }

    public function write(Page $page, PageSetup $setup): string
    {
        $text = new OdtPage($page);
        $paragraphs = $text->paragraphs();

        return (new Package([
            'mimetype' => self::MEDIA_TYPE,
            'META-INF/manifest.xml' => self::HEAD.self::manifest(),
            'meta.xml' => self::HEAD.self::meta($setup->title ?: $page->heading),
            'styles.xml' => self::HEAD.self::styles($text, $setup),
            'content.xml' => self::HEAD.self::content($text->languageStyles(), $paragraphs),
        ]))->bytes(stored: 'mimetype');
    }

    private static function manifest(): string
    {
        $xml = '<manifest:file-entry manifest:full-path="/" manifest:version="1.3" manifest:media-type="'
            .self::MEDIA_TYPE.'"/>';
        foreach (['content.xml', 'styles.xml', 'meta.xml'] as $part) {
            $xml .= "<manifest:file-entry manifest:full-path=\"{$part}\" manifest:media-type=\"text/xml\"/>";
        }

        return '<manifest:manifest xmlns:manifest="urn:oasis:names:tc:opendocument:xmlns:manifest:1.0"'
            ." manifest:version=\"1.3\">{$xml}</manifest:manifest>";
    }

    private static function meta(string $title): string
    {
        return '<office:document-meta '.OdtPage::NAMESPACES.' office:version="1.3"><office:meta><dc:title>'
            .Package::escaped($title)
                .'</dc:title><dc:language>en-US</dc:language></office:meta></office:document-meta>';
    }

    private static function content(string $styles, string $paragraphs): string
    {
        return '<office:document-content '.OdtPage::NAMESPACES.' office:version="1.3"><office:automatic-styles>'
            .$styles.'</office:automatic-styles><office:body><office:text>'
            .$paragraphs.'</office:text></office:body></office:document-content>';
    }

    private static function styles(OdtPage $text, PageSetup $setup): string
    {
        $start = $setup->firstPage === 1 ? '' : " style:page-number=\"{$setup->firstPage}\"";

        return '<office:document-styles '.OdtPage::NAMESPACES.' office:version="1.3">'
            .'<office:font-face-decls><style:font-face style:name="Times New Roman" svg:font-family="\'Times New '
            .'Roman\'"'
            .' style:font-family-generic="roman" style:font-pitch="variable"/></office:font-face-decls>'
            .'<office:styles><style:default-style style:family="paragraph"><style:paragraph-properties/>'
            .'<style:text-properties style:font-name="Times New Roman" fo:font-size="12pt" fo:language="en"'
            .' fo:country="US" style:font-size-asian="12pt" style:font-size-complex="12pt"/></style:default-style>'
            .'<style:style style:name="Standard" style:family="paragraph" style:class="text"/>'
            .$text->styles(' style:parent-style-name="Standard"', ' style:master-page-name="Standard"', $start)
            .'<style:style style:name="Header" style:family="paragraph" style:parent-style-name="Standard"'
            .' style:class="extra">'.self::headerParagraph($setup).'</style:style></office:styles>'
            .'<office:automatic-styles>'.self::sheet($setup).'</office:automatic-styles><office:master-styles>'
            .'<style:master-page style:name="Standard" style:page-layout-name="Sheet"><style:header>'
            .self::header($setup).'</style:header></style:master-page></office:master-styles></office:document-styles>';
    }

    private static function headerParagraph(PageSetup $setup): string
    {
        $right = sprintf('%.4Fin', $setup->paper->textWidth() / 1440);

        return $setup->head->atLeft
            ? '<style:paragraph-properties fo:text-align="start"><style:tab-stops>'
                ."<style:tab-stop style:position=\"{$right}\" style:type=\"right\"/></style:tab-stops>"
                .'</style:paragraph-properties>'
            : '<style:paragraph-properties fo:text-align="end"/>';
    }

    private static function header(PageSetup $setup): string
    {
        $head = $setup->head;
        $text = Package::escaped($head->text).($head->atLeft ? '<text:tab/>' : ($head->text === '' ? '' : '<text:s/>'));

        return "<text:p text:style-name=\"Header\">{$text}<text:page-number text:select-page=\"current\">"
            ."{$setup->firstPage}</text:page-number></text:p>";
    }

    /** Half an inch to the header, whose own line and a gap of half an inch make the margin of an inch. */
    private static function sheet(PageSetup $setup): string
    {
        $width = sprintf('%.4Fin', $setup->paper->width() / 1440);
        $height = sprintf('%.4Fin', $setup->paper->height() / 1440);

        return '<style:page-layout style:name="Sheet"><style:page-layout-properties'
            ." fo:page-width=\"{$width}\" fo:page-height=\"{$height}\" style:print-orientation=\"portrait\""
            .' fo:margin-top="0.5in" fo:margin-bottom="1in" fo:margin-left="1in" fo:margin-right="1in"/>'
            .'<style:header-style><style:header-footer-properties fo:min-height="0.5in" fo:margin-bottom="0.25in"'
            .' style:dynamic-spacing="true"/></style:header-style></style:page-layout>';
    }
}
