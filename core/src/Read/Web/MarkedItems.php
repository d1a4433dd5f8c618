<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/**
 * Objects marked by attributes around the page's own words, in the shape JSON-LD has: microdata (itemscope, itemtype,
 * itemprop; HTML Living Standard, 5) and RDFa Lite 1.1 (typeof, property).
 */
final readonly class MarkedItems
{
    private const DEEPEST = 6;

    /**
     * @param  string  $scope  the attribute that begins an object
     * @param  string  $type  the attribute that holds its types
     * @param  string  $property  the attribute that names a property of the object around
     */
    private function __construct(private Document $page, private string $scope, private string $type, private string $property)
    {
    }

    /** @return list<array<string, mixed>> the objects that are not a property of another one, and what a page is mainly about */
    public static function microdata(Document $page): array
    {
        return $page->mentions('itemscope') ? (new self($page, 'itemscope', 'itemtype', 'itemprop'))->objects() : [];
    }

    /** @return list<array<string, mixed>> */
    public static function rdfaLite(Document $page): array
    {
        if ($page->mentions('typeof')) {
            return (new self($page, 'typeof', 'typeof', 'property'))->objects();
        }

        return $page->mentions('property="schema:') ? [(new self($page, 'typeof', 'typeof', 'property'))->loose()] : [];
    }

    /** @return array<string, mixed> what properties say of the page that no element around them begins an object for */
    private function loose(): array
    {
        $object = ['@type' => ['WebPage']];
        foreach ($this->page->all('//*[starts-with(@property,"schema:")]') as $element) {
            if (! $this->page->isBeside($element)) {
                foreach ($this->names($element, 'property') as $name) {
                    $object[$name] ??= $this->value($element);
                }
            }
        }

        return $object;
    }

    /** @return list<array<string, mixed>> */
    private function objects(): array
    {
        $main = "contains(concat(' ',@{$this->property},' '),' mainEntity ') or contains(@{$this->property},':mainEntity')";

        return array_map(fn (\DOMElement $item): array => $this->object($item, 0), $this->page->all("//*[@{$this->scope} and (not(@{$this->property}) or {$main})]"));
    }

    /** @return array<string, mixed> */
    private function object(\DOMElement $item, int $depth): array
    {
        $object = ['@type' => $this->names($item, $this->type)];
        if ($depth < self::DEEPEST) {
            $this->properties($item, $object, $depth);
        }

        return $object;
    }

    /** @param  array<string, mixed>  $object */
    private function properties(\DOMElement $from, array &$object, int $depth): void
    {
        foreach ($from->childNodes as $child) {
            if (! $child instanceof \DOMElement) {
                continue;
            }
            $begins = $child->hasAttribute($this->scope);
            foreach ($this->names($child, $this->property) as $name) {
                $value = $begins ? $this->object($child, $depth + 1) : $this->value($child);
                $object[$name] = isset($object[$name]) ? [...(is_array($object[$name]) && array_is_list($object[$name]) ? $object[$name] : [$object[$name]]), $value] : $value;
            }
            if (! $begins) {
                $this->properties($child, $object, $depth);
            }
        }
    }

    /** @return list<string> the words of an attribute without what stands before them in an address or prefix */
    private function names(\DOMElement $element, string $attribute): array
    {
        return array_map(static fn (string $name): string => (string) preg_replace('~^.*[/#:]~', '', $name), preg_split('/\s+/', trim($element->getAttribute($attribute)), -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }

    private function value(\DOMElement $element): string
    {
        foreach (['content', 'datetime'] as $attribute) {
            if ($element->hasAttribute($attribute)) {
                return trim($element->getAttribute($attribute));
            }
        }
        $text = $this->page->text($element);

        return $text !== '' || ! in_array($element->localName, ['a', 'link', 'img'], true) ? $text : trim($element->getAttribute('href') ?: $element->getAttribute('src'));
    }
}
