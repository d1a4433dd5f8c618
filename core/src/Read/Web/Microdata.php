<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/** Objects marked with itemscope and itemprop, in the shape JSON-LD has (HTML Living Standard, 5 Microdata). */
final class Microdata
{
    /** @return list<array<string, mixed>> the items that are not a property of another one, and what a page is mainly about */
    public static function objects(Document $page): array
    {
        $objects = [];
        foreach ($page->all('//*[@itemscope and (not(@itemprop) or contains(concat(" ",@itemprop," ")," mainEntity "))]') as $item) {
            $objects[] = self::object($page, $item, 0);
        }

        return $objects;
    }

    /** @return array<string, mixed> */
    private static function object(Document $page, \DOMElement $item, int $depth): array
    {
        $object = ['@type' => array_map(static fn (string $type): string => (string) preg_replace('~^.*[/#]~', '', $type), preg_split('/\s+/', trim($item->getAttribute('itemtype'))) ?: [])];
        if ($depth < 6) {
            self::properties($page, $item, $object, $depth);
        }

        return $object;
    }

    /** @param  array<string, mixed>  $object */
    private static function properties(Document $page, \DOMElement $from, array &$object, int $depth): void
    {
        foreach ($from->childNodes as $child) {
            if (! $child instanceof \DOMElement) {
                continue;
            }
            $names = preg_split('/\s+/', trim($child->getAttribute('itemprop')), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            foreach ($names as $name) {
                $value = $child->hasAttribute('itemscope') ? self::object($page, $child, $depth + 1) : self::value($page, $child);
                $object[$name] = isset($object[$name]) ? [...(is_array($object[$name]) && array_is_list($object[$name]) ? $object[$name] : [$object[$name]]), $value] : $value;
            }
            if (! $child->hasAttribute('itemscope')) {
                self::properties($page, $child, $object, $depth);
            }
        }
    }

    public static function value(Document $page, \DOMElement $element): string
    {
        foreach (['content', 'datetime'] as $attribute) {
            if ($element->hasAttribute($attribute)) {
                return trim($element->getAttribute($attribute));
            }
        }
        $text = $page->text($element);

        return $text !== '' || ! in_array($element->localName, ['a', 'link', 'img'], true) ? $text : trim($element->getAttribute('href') ?: $element->getAttribute('src'));
    }
}
