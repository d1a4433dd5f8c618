<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\BodyLook;
use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Layout\Mend;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\Word\WordPage;
use Bibrel\Core\Format\Word\WordSources;
use Bibrel\Core\Page\Page;

/**
 * Puts a page at the end of an OOXML document, or in place of the list that stands there. It adds paragraphs, three
 * styles of its own, relationships for links and the part with the sources; nothing that stood there before is touched.
 */
final readonly class WordAppend
{
    private const W = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';

    private const R = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const NAMESPACES = 'xmlns:w="'.self::W.'" xmlns:r="'.self::R.'"';

    private const RELATIONSHIPS = 'http://schemas.openxmlformats.org/package/2006/relationships';

    private const TYPES = 'http://schemas.openxmlformats.org/package/2006/content-types';

    private const STYLES = 'application/vnd.openxmlformats-officedocument.wordprocessingml.styles+xml';

    private const PROPERTIES = 'application/vnd.openxmlformats-officedocument.customXmlProperties+xml';

    /** Beside these nothing in the range of a list is kept: other parts of the document point to them. */
    private const ANCHORS = ['bookmarkStart', 'bookmarkEnd', 'commentRangeStart', 'commentRangeEnd'];

    public function __construct(private Archive $archive, private WordParts $parts, private Draft $draft)
    {
    }

    /**
     * @param  list<Mend>  $mends
     * @return array<string, string> the parts that are new or changed
     */
    public function parts(Page $page, bool $replaces, array $mends): array
    {
        $document = XmlTree::parse((string) $this->parts->document()->saveXML());
        (new WordMends($document, $this->draft))->apply($mends);
        $text = new WordPage($page, 'BibrelHeading', 'BibrelEntry', 'BibrelAnnotation', $this->linkPrefix());
        $this->insert($document, $text, $replaces ? SourceList::find($this->draft) : null);
        $relations = $this->relationships();
        $types = XmlTree::parse($this->archive->parts['[Content_Types].xml']);
        $new = [$this->parts->main => $document->xml()];
        foreach ($text->links() as $id => $address) {
            self::relate($relations, (string) $id, self::R.'/hyperlink', $address, isExternal: true);
        }
        $new += $this->styles($text, $relations, $types);
        $new += $this->sources($page, $relations, $types);
        $new[$this->parts->relationshipsName()] = $relations->xml();
        $new['[Content_Types].xml'] = $types->xml();

        return $new;
    }

    private function insert(XmlTree $document, WordPage $text, ?SourceList $list): void
    {
        $body = XmlTree::child($document->document->documentElement, 'body') ?? throw Archive::damaged();
        $before = $this->end($body);
        $breaks = $list !== null || ! $this->draft->endsWithBreak;
        $anchors = [];
        if ($list !== null) {
            [$before, $anchors] = $this->withoutList($document, $body, $list);
        }
        $added = $document->made($text->paragraphs($breaks ? '<w:pageBreakBefore/>' : ''), self::NAMESPACES);
        foreach ($added as $node) {
            $body->insertBefore($node, $before);
        }
        foreach ($anchors as $anchor) {
            $added[0]->appendChild($anchor);
        }
        if ($list !== null && $before instanceof \DOMElement && $this->beganSheet($list)) {
            self::keepBreak($before);
        }
    }

    /** The sheet of what follows may have been broken by a paragraph of the list that is gone. */
    private static function keepBreak(\DOMElement $next): void
    {
        $breaks = XmlTree::child(XmlTree::child($next, 'pPr'), 'pageBreakBefore') !== null
            || $next->getElementsByTagNameNS(self::W, 'br')->length > 0;
        if ($next->localName === 'p' && ! $breaks) {
            WordMends::set($next, 'pageBreakBefore', []);
        }
    }

    /** The last section's settings, which stand after all text; null where a body has none. */
    private function end(\DOMElement $body): ?\DOMElement
    {
        $elements = XmlTree::elements($body);
        $last = $elements === [] ? null : $elements[count($elements) - 1];

        return $last?->localName === 'sectPr' ? $last : null;
    }

    /**
     * Takes a list out.
     *
     * @return array{?\DOMNode, list<\DOMElement>} what the page stands before from now on, and anchors that are kept
     */
    private function withoutList(XmlTree $document, \DOMElement $body, SourceList $list): array
    {
        $anchors = [];
        $before = null;
        $nodes = array_map(
            static fn (Paragraph $one): ?\DOMElement => $document->at($one->node),
            array_slice($this->draft->paragraphs, $list->heading, $list->end - $list->heading),
        );
        foreach (array_filter($nodes) as $node) {
            foreach (iterator_to_array($node->getElementsByTagNameNS('*', '*')) as $inner) {
                if ($inner instanceof \DOMElement && in_array($inner->localName, self::ANCHORS, true)) {
                    $anchors[] = $inner;
                }
            }
            // A section ends with its paragraph, which stays without its words.
            $endsSection = XmlTree::child(XmlTree::child($node, 'pPr'), 'sectPr') !== null;
            $before = $endsSection ? self::emptied($body, $node) : XmlTree::remove($body, $node);
        }

        return [$before, $anchors];
    }

    /** Leaves of a paragraph its settings alone. */
    private static function emptied(\DOMElement $body, \DOMElement $paragraph): \DOMElement
    {
        foreach (XmlTree::elements($paragraph) as $child) {
            if ($child->localName !== 'pPr') {
                $paragraph->removeChild($child);
            }
        }

        return XmlTree::below($body, $paragraph);
    }

    private function beganSheet(SourceList $list): bool
    {
        $next = $this->draft->paragraphs[$list->end] ?? null;

        return $next !== null && $next->look->breaksBefore;
    }

    private function linkPrefix(): string
    {
        for ($i = 1; preg_grep("/^rIdBibrel{$i}x/", array_keys($this->parts->relationships)) !== []; $i++);

        return "rIdBibrel{$i}x";
    }

    private function relationships(): XmlTree
    {
        $name = $this->parts->relationshipsName();

        return XmlTree::parse($this->archive->parts[$name] ?? '<Relationships xmlns="'.self::RELATIONSHIPS.'"/>');
    }

    private static function relate(
        XmlTree $relations,
        string $id,
        string $type,
        string $target,
        bool $isExternal = false,
    ): void {
        $one = $relations->document->createElementNS(self::RELATIONSHIPS, 'Relationship');
        $one->setAttribute('Id', $id);
        $one->setAttribute('Type', $type);
        $one->setAttribute('Target', $target);
        if ($isExternal) {
            $one->setAttribute('TargetMode', 'External');
        }
        $relations->document->documentElement?->appendChild($one);
    }

    private static function typed(XmlTree $types, string $part, string $type): void
    {
        $one = $types->document->createElementNS(self::TYPES, 'Override');
        $one->setAttribute('PartName', "/{$part}");
        $one->setAttribute('ContentType', $type);
        $types->document->documentElement?->appendChild($one);
    }

    /** @return array<string, string> */
    private function styles(WordPage $text, XmlTree $relations, XmlTree $types): array
    {
        $name = $this->parts->nameOf('styles');
        $isNew = $name === '' || ! $this->archive->has($name);
        $name = $isNew ? dirname($this->parts->main).'/stylesBibrel.xml' : $name;
        $styles = XmlTree::parse($isNew ? '<w:styles xmlns:w="'.self::W.'"/>' : $this->archive->parts[$name]);
        if ($isNew) {
            self::relate($relations, 'rIdBibrelStyles', self::R.'/styles', basename($name));
            self::typed($types, $name, self::STYLES);
        }
        $root = $styles->document->documentElement ?? throw Archive::damaged();
        // Those of an earlier time it was given back are put right.
        foreach (XmlTree::elements($root) as $old) {
            if (str_starts_with($old->getAttributeNS(self::W, 'styleId'), 'Bibrel')) {
                $root->removeChild($old);
            }
        }
        foreach ($styles->made($this->ownStyles($text), self::NAMESPACES) as $style) {
            $root->appendChild($style);
        }

        return [$name => $styles->xml()];
    }

    /** Based on no style, so that nothing of the draft's changes them; in the face and size of its text. */
    private function ownStyles(WordPage $text): string
    {
        $body = BodyLook::of($this->draft);
        $face = Package::escaped($body->face);
        $size = (int) round(2 * $body->size);
        $letters = "<w:rFonts w:ascii=\"{$face}\" w:hAnsi=\"{$face}\" w:cs=\"{$face}\"/>%s<w:color w:val=\"auto\"/>"
            ."<w:sz w:val=\"{$size}\"/><w:szCs w:val=\"{$size}\"/>";
        $plain = sprintf($letters, '<w:b w:val="0"/><w:bCs w:val="0"/><w:i w:val="0"/><w:iCs w:val="0"/>');
        $heading = sprintf($letters, $text->headingRun().'<w:i w:val="0"/><w:iCs w:val="0"/>');
        $entry = '<w:keepNext w:val="0"/><w:keepLines w:val="0"/>'.WordPage::entryParagraph().'<w:jc w:val="left"/>';

        return self::style(
            'BibrelHeading',
            'Bibrel page heading',
            'BibrelEntry',
            WordPage::headingParagraph(),
            $heading,
        )
            .self::style('BibrelEntry', 'Bibrel entry', 'BibrelEntry', $entry, $plain)
            .self::style(
                'BibrelAnnotation',
                'Bibrel annotation',
                'BibrelAnnotation',
                $text->annotationParagraph().'<w:jc w:val="left"/>',
                $plain,
            );
    }

    private static function style(string $id, string $name, string $next, string $paragraph, string $letters): string
    {
        return "<w:style w:type=\"paragraph\" w:customStyle=\"1\" w:styleId=\"{$id}\"><w:name w:val=\"{$name}\"/>"
            ."<w:next w:val=\"{$next}\"/><w:uiPriority "
            ."w:val=\"99\"/><w:pPr>{$paragraph}</w:pPr><w:rPr>{$letters}</w:rPr></w:style>";
    }

    /**
     * The part with the sources, unless the document has one already: a word processor reads one only.
     *
     * @return array<string, string>
     */
    private function sources(Page $page, XmlTree $relations, XmlTree $types): array
    {
        foreach ($this->archive->parts as $name => $content) {
            if (preg_match('~^customXml/item(\d+)\.xml$~', (string) $name, $m) === 1
                && str_contains($content, WordSources::NAMESPACE)) {
                $properties = $this->archive->parts["customXml/itemProps{$m[1]}.xml"] ?? '';
                $isOurs = $properties === self::declared(WordSources::properties());

                return $isOurs ? [$name => self::declared(WordSources::of($page)->xml())] : [];
            }
        }
        $i = 1;
        while ($this->archive->has("customXml/item{$i}.xml") || $this->archive->has("customXml/itemProps{$i}.xml")) {
            $i++;
        }
        $main = str_contains($this->parts->main, '/') ? '../' : '';
        self::relate($relations, 'rIdBibrelSources', self::R.'/customXml', "{$main}customXml/item{$i}.xml");
        self::typed($types, "customXml/itemProps{$i}.xml", self::PROPERTIES);

        return [
            "customXml/item{$i}.xml" => self::declared(WordSources::of($page)->xml()),
            "customXml/itemProps{$i}.xml" => self::declared(WordSources::properties()),
            "customXml/_rels/item{$i}.xml.rels" => self::declared('<Relationships xmlns="'.self::RELATIONSHIPS
                .'"><Relationship Id="rId1" Type="'.self::R
                    ."/customXmlProps\" Target=\"itemProps{$i}.xml\"/></Relationships>"),
        ];
    }

    private static function declared(string $xml): string
    {
        return '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n".$xml;
    }
}
