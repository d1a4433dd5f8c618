<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Layout\Mend;

/** Puts right in an OOXML document what can be put right without touching a word: settings of paragraphs. */
final readonly class WordMends
{
    private const W = 'http://schemas.openxmlformats.org/wordprocessingml/2006/main';

    /** The settings of a paragraph in the order the schema wants them (ECMA-376, part 1, 17.3.1.26). */
    private const ORDER = [
        'pStyle', 'keepNext', 'keepLines', 'pageBreakBefore', 'framePr', 'widowControl', 'numPr', 'suppressLineNumbers',
        'pBdr', 'shd', 'tabs', 'suppressAutoHyphens', 'kinsoku', 'wordWrap', 'overflowPunct', 'topLinePunct',
        'autoSpaceDE', 'autoSpaceDN', 'bidi', 'adjustRightInd', 'snapToGrid', 'spacing', 'ind', 'contextualSpacing',
        'mirrorIndents', 'suppressOverlap', 'jc', 'textDirection', 'textAlignment', 'textboxTightWrap', 'outlineLvl',
        'divId', 'cnfStyle', 'rPr', 'sectPr', 'pPrChange',
    ];

    public function __construct(private XmlTree $document, private Draft $draft)
    {
    }

    /** @param  list<Mend>  $mends */
    public function apply(array $mends): void
    {
        foreach ($mends as $mend) {
            foreach ($mend->paragraphs as $place) {
                $node = $this->document->at($this->draft->paragraphs[$place]->node);
                if ($node !== null) {
                    self::mend($node, $mend);
                }
            }
        }
    }

    private static function mend(\DOMElement $paragraph, Mend $mend): void
    {
        if ($mend->lines !== null || $mend->isWithoutSpace) {
            self::set($paragraph, 'spacing', [
                ...($mend->lines === null ? [] : ['line' => (string) (int) (240 * $mend->lines), 'lineRule' => 'auto']),
                ...($mend->isWithoutSpace ? ['before' => '0', 'after' => '0'] : []),
            ], without: $mend->isWithoutSpace ? [
                'beforeAutospacing',
                'afterAutospacing',
                'beforeLines',
                'afterLines',
            ] : []);
        }
        if ($mend->first !== null) {
            $hangs = $mend->first < 0;
            self::set($paragraph, 'ind', [
                'left' => (string) $mend->left,
                $hangs ? 'hanging' : 'firstLine' => (string) abs($mend->first),
            ], without: ['start', 'hanging', 'firstLine', 'hangingChars', 'firstLineChars', 'leftChars', 'startChars']);
        }
        if ($mend->breaksBefore) {
            self::set($paragraph, 'pageBreakBefore', [], without: ['val']);
        }
        if ($mend->align !== '') {
            self::set($paragraph, 'jc', ['val' => $mend->align]);
        }
    }

    /**
     * Sets one setting of a paragraph directly, in its place among the others.
     *
     * @param  array<string, string>  $attributes
     * @param  list<string>  $without  attributes that are taken off first
     */
    public static function set(
        \DOMElement $paragraph,
        string $name,
        array $attributes,
        array $without = [],
    ): void {
        $document = $paragraph->ownerDocument ?? throw Archive::damaged();
        $prefix = $paragraph->prefix === '' ? '' : "{$paragraph->prefix}:";
        $properties = XmlTree::child($paragraph, 'pPr');
        if ($properties === null) {
            $properties = $document->createElementNS(self::W, "{$prefix}pPr");
            $paragraph->insertBefore($properties, $paragraph->firstChild);
        }
        $setting = XmlTree::child($properties, $name);
        if ($setting === null) {
            $setting = $document->createElementNS(self::W, "{$prefix}{$name}");
            $properties->insertBefore($setting, self::after($properties, $name));
        }
        foreach ($without as $attribute) {
            $setting->removeAttributeNS(self::W, $attribute);
        }
        foreach ($attributes as $attribute => $value) {
            $setting->setAttributeNS(self::W, ($prefix ?: 'w:').$attribute, $value);
        }
    }

    /** The setting that stands after one of a name. */
    private static function after(\DOMElement $properties, string $name): ?\DOMElement
    {
        $place = array_search($name, self::ORDER, true);
        foreach (XmlTree::elements($properties) as $node) {
            if (array_search($node->localName, self::ORDER, true) > $place) {
                return $node;
            }
        }

        return null;
    }
}
