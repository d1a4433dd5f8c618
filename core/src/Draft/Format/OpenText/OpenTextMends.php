<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\OpenText;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Layout\Mend;

/** Puts right in an open text document what can be put right without touching a word, by styles of its own. */
final class OpenTextMends
{
    private const STYLE = 'urn:oasis:names:tc:opendocument:xmlns:style:1.0';

    private const FO = 'urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0';

    private const TEXT = 'urn:oasis:names:tc:opendocument:xmlns:text:1.0';

    /** @var array<string, string> names of new styles by what they are made of */
    private array $made = [];

    public function __construct(private readonly XmlTree $content, private readonly Draft $draft)
    {
    }

    /** @param  list<Mend>  $mends */
    public function apply(array $mends): void
    {
        foreach ($mends as $mend) {
            $settings = self::settings($mend);
            foreach ($mend->paragraphs as $place) {
                $node = $this->content->at($this->draft->paragraphs[$place]->node);
                if ($node !== null && $settings !== []) {
                    $name = $this->style($node->getAttributeNS(self::TEXT, 'style-name'), $settings);
                    $node->setAttributeNS(self::TEXT, 'text:style-name', $name);
                }
            }
        }
    }

    /** @return array<string, string> */
    private static function settings(Mend $mend): array
    {
        $inches = static fn (int $twips): string => sprintf('%.4Fin', $twips / 1440);

        return [
            ...($mend->lines === null ? [] : ['line-height' => (int) (100 * $mend->lines).'%']),
            ...($mend->isWithoutSpace ? ['margin-top' => '0in', 'margin-bottom' => '0in'] : []),
            ...($mend->first === null ? [] : [
                'margin-left' => $inches($mend->left),
                'text-indent' => $inches($mend->first),
            ]),
            ...($mend->breaksBefore ? ['break-before' => 'page'] : []),
            ...($mend->align === '' ? [] : ['text-align' => $mend->align]),
        ];
    }

    /**
     * A style of this document alone: a copy of the one a paragraph has, or a child of it where that has a name.
     *
     * @param  array<string, string>  $settings
     */
    private function style(string $from, array $settings): string
    {
        $key = $from.json_encode($settings);
        if (isset($this->made[$key])) {
            return $this->made[$key];
        }
        $document = $this->content->document;
        $automatic = XmlTree::child($document->documentElement, 'automatic-styles') ?? throw Archive::damaged();
        $style = $document->createElementNS(self::STYLE, 'style:style');
        $style->setAttributeNS(self::STYLE, 'style:family', 'paragraph');
        $style->setAttributeNS(self::STYLE, 'style:parent-style-name', $from);
        foreach (XmlTree::elements($automatic) as $one) {
            $isIt = $one->localName === 'style' && $one->getAttributeNS(self::STYLE, 'name') === $from
                && $one->getAttributeNS(self::STYLE, 'family') === 'paragraph';
            $copy = $isIt ? $one->cloneNode(true) : null;
            $style = $copy instanceof \DOMElement ? $copy : $style;
        }
        $name = self::freeName($automatic);
        $style->setAttributeNS(self::STYLE, 'style:name', $name);
        $properties = XmlTree::child($style, 'paragraph-properties');
        if ($properties === null) {
            $properties = $document->createElementNS(self::STYLE, 'style:paragraph-properties');
            $style->insertBefore($properties, $style->firstChild);
        }
        foreach ($settings as $setting => $value) {
            $properties->setAttributeNS(self::FO, "fo:{$setting}", $value);
        }
        $automatic->appendChild($style);

        return $this->made[$key] = $name;
    }

    /** A draft that was put right once has styles of these names already. */
    private static function freeName(\DOMElement $styles): string
    {
        $taken = array_map(
            static fn (\DOMElement $one): string => $one->getAttributeNS(self::STYLE, 'name'),
            XmlTree::elements($styles),
        );
        for ($i = 1; in_array("BibrelMend{$i}", $taken, true); $i++);

        return "BibrelMend{$i}";
    }
}
