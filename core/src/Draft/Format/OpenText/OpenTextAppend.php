<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\OpenText;

use Bibrel\Core\Draft\BodyLook;
use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Layout\Mend;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Format\OpenText\OdtPage;
use Bibrel\Core\Format\Package;
use Bibrel\Core\Page\Page;

/**
 * Puts a page at the end of an open text document, or in place of the list that stands there. It adds paragraphs and
 * styles of its own; nothing that stood there before is touched.
 */
final readonly class OpenTextAppend
{
    private const TEXT = 'urn:oasis:names:tc:opendocument:xmlns:text:1.0';

    private const AFTER_TEXT = [
        'named-expressions',
        'database-ranges',
        'data-pilot-tables',
        'consolidation',
        'dde-links',
    ];

    private const PREFIX = 'Bibrel_20_';

    public function __construct(private Archive $archive, private Draft $draft)
    {
    }

    /**
     * @param  list<Mend>  $mends
     * @return array<string, string> the parts that are new or changed
     */
    public function parts(Page $page, bool $replaces, array $mends): array
    {
        $content = XmlTree::parse($this->archive->parts['content.xml']);
        $text = OpenTextReader::text($content->document) ?? throw Archive::damaged();
        (new OpenTextMends($content, $this->draft))->apply($mends);
        $body = BodyLook::of($this->draft);
        $own = new OdtPage($page, self::PREFIX, $body->face, $body->size);
        $list = $replaces ? SourceList::find($this->draft) : null;
        $paragraphs = $own->paragraphs();
        $before = $list === null ? self::end($text) : $this->withoutList($content, $text, $list);
        foreach ($content->made($paragraphs, OdtPage::NAMESPACES) as $i => $node) {
            if ($i === 0 && ($list !== null || ! $this->draft->endsWithBreak)) {
                $this->breakBefore($content, $node);
            }
            $text->insertBefore($node, $before);
        }
        $automatic = XmlTree::child($content->document->documentElement, 'automatic-styles');
        foreach ($content->made($own->languageStyles(), OdtPage::NAMESPACES) as $style) {
            $automatic?->appendChild($style);
        }
        $new = ['content.xml' => $content->xml()];

        return $new + $this->styles($own);
    }

    /** @return array<string, string> */
    private function styles(OdtPage $own): array
    {
        $empty = '<office:document-styles '.OdtPage::NAMESPACES
            .' office:version="1.3"><office:styles/></office:document-styles>';
        $styles = XmlTree::parse($this->archive->parts['styles.xml'] ?? $empty);
        $named = XmlTree::child($styles->document->documentElement, 'styles') ?? throw Archive::damaged();
        foreach (XmlTree::elements($named) as $old) {
            if (str_starts_with(OpenTextStyles::attribute($old, 'name'), self::PREFIX)) {
                $named->removeChild($old);
            }
        }
        foreach ($styles->made($own->styles(), OdtPage::NAMESPACES) as $style) {
            $named->appendChild($style);
        }

        return ['styles.xml' => $styles->xml()];
    }

    /** A style of this document alone, by which the heading begins a new sheet. */
    private function breakBefore(XmlTree $content, \DOMElement $heading): void
    {
        $name = self::PREFIX.'new_20_sheet';
        $parent = Package::escaped($heading->getAttributeNS(self::TEXT, 'style-name'));
        $style = "<style:style style:name=\"{$name}\" style:family=\"paragraph\" style:parent-style-name=\"{$parent}\">"
            .'<style:paragraph-properties fo:break-before="page"/></style:style>';
        $automatic = XmlTree::child($content->document->documentElement, 'automatic-styles');
        foreach (XmlTree::elements($automatic) as $old) {
            if (OpenTextStyles::attribute($old, 'name') === $name) {
                $automatic?->removeChild($old);
            }
        }
        foreach ($content->made($style, OdtPage::NAMESPACES) as $node) {
            $automatic?->appendChild($node);
        }
        $heading->setAttributeNS(self::TEXT, 'text:style-name', $name);
    }

    /** What stands after all text: expressions and indexes of tables. */
    private static function end(\DOMElement $text): ?\DOMElement
    {
        $before = null;
        foreach (array_reverse(XmlTree::elements($text)) as $node) {
            if (! in_array($node->localName, self::AFTER_TEXT, true)) {
                break;
            }
            $before = $node;
        }

        return $before;
    }

    private function withoutList(XmlTree $content, \DOMElement $text, SourceList $list): ?\DOMNode
    {
        $nodes = array_map(
            static fn (Paragraph $one): ?\DOMElement => $content->at($one->node),
            array_slice($this->draft->paragraphs, $list->heading, $list->end - $list->heading),
        );
        $before = null;
        foreach (array_filter($nodes) as $node) {
            $before = XmlTree::remove($text, $node);
        }

        return $before;
    }
}
