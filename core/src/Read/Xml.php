<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

/**
 * Parses XML from outside. A document type could name files and addresses to read, and nothing that is read here needs
 * one.
 */
final class Xml
{
    /** @return ?\DOMXPath null for what is not well-formed, or carries a document type */
    public static function parse(string $xml): ?\DOMXPath
    {
        if (stripos($xml, '<!DOCTYPE') !== false || stripos($xml, '<!ENTITY') !== false) {
            return null;
        }
        $dom = new \DOMDocument;
        $before = libxml_use_internal_errors(true);
        $read = trim($xml) !== '' && $dom->loadXML($xml, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $read ? new \DOMXPath($dom) : null;
    }
}
