<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/** Objects marked with typeof and property, in the shape JSON-LD has (RDFa Lite 1.1). */
final class RdfaLite
{
    /** @return list<array<string, mixed>> */
    public static function objects(Document $page): array
    {
        $objects = [];
        foreach ($page->all('//*[@typeof and (not(@property) or @property="mainEntity" or @property="schema:mainEntity")]') as $item) {
            $objects[] = self::object($page, $item, 0);
        }

        return $objects;
    }

    /** @return array<string, mixed> */
    private static function object(Document $page, \DOMElement $item, int $depth): array
    {
        $object = ['@type' => array_map(self::local(...), preg_split('/\s+/', trim($item->getAttribute('typeof'))) ?: [])];
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
            $name = self::local(trim($child->getAttribute('property')));
            if ($name !== '') {
                $object[$name] ??= $child->hasAttribute('typeof') ? self::object($page, $child, $depth + 1) : Microdata::value($page, $child);
            }
            if (! $child->hasAttribute('typeof')) {
                self::properties($page, $child, $object, $depth);
            }
        }
    }

    private static function local(string $name): string
    {
        return (string) preg_replace('~^.*[/#:]~', '', $name);
    }
}
