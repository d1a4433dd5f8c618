<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

/** A part of a document as a tree of elements that can be found again and added to. */
final readonly class XmlTree
{
    private \DOMXPath $xpath;

    public function __construct(public \DOMDocument $document)
    {
        $this->xpath = new \DOMXPath($document);
    }

    public static function parse(string $xml): self
    {
        return new self(Archive::parse($xml));
    }

    /** @param  string  $path  as DOMNode::getNodePath gives it */
    public function at(string $path): ?\DOMElement
    {
        $found = $this->xpath->query($path);
        $node = $found === false ? null : $found->item(0);

        return $node instanceof \DOMElement ? $node : null;
    }

    /**
     * Elements for this document, not in their place yet.
     *
     * @param  string  $namespaces  declarations of the prefixes in the XML
     * @return list<\DOMElement>
     */
    public function made(string $xml, string $namespaces): array
    {
        $nodes = [];
        foreach (self::elements(Archive::parse("<x {$namespaces}>{$xml}</x>")->documentElement) as $node) {
            $node = $this->document->importNode($node, true);
            if ($node instanceof \DOMElement) {
                $nodes[] = $node;
            }
        }

        return $nodes;
    }

    public function xml(): string
    {
        return (string) $this->document->saveXML();
    }

    /** @return list<\DOMElement> the elements right below one */
    public static function elements(?\DOMElement $of): array
    {
        $elements = [];
        for ($node = $of?->firstChild; $node !== null; $node = $node->nextSibling) {
            if ($node instanceof \DOMElement) {
                $elements[] = $node;
            }
        }

        return $elements;
    }

    public static function child(?\DOMElement $of, string ...$names): ?\DOMElement
    {
        foreach (self::elements($of) as $node) {
            if (in_array($node->localName, $names, true)) {
                return $node;
            }
        }

        return null;
    }

    /** The element right below another one that a node stands in. */
    public static function below(\DOMElement $top, \DOMElement $node): \DOMElement
    {
        while ($node->parentNode instanceof \DOMElement && $node->parentNode !== $top) {
            $node = $node->parentNode;
        }

        return $node;
    }

    /**
     * Takes a paragraph out, and whatever held nothing but it.
     *
     * @return ?\DOMNode what stands after it right below the top now
     */
    public static function remove(\DOMElement $top, \DOMElement $paragraph): ?\DOMNode
    {
        $after = self::below($top, $paragraph)->nextSibling;
        $parent = $paragraph->parentNode;
        $parent?->removeChild($paragraph);
        while ($parent instanceof \DOMElement && $parent !== $top && ! self::holdsText($parent)) {
            $up = $parent->parentNode;
            $up?->removeChild($parent);
            $parent = $up;
        }

        return $after;
    }

    private static function holdsText(\DOMElement $node): bool
    {
        return $node->getElementsByTagNameNS('*', 'p')->length + $node->getElementsByTagNameNS('*', 'h')->length > 0;
    }
}
