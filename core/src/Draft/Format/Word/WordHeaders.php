<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Format\XmlTree;

/** What stands at the head of a document's last section, which takes over those before where it says nothing. */
final class WordHeaders
{
    /** @var array<string, \DOMDocument> by kind: default, even; a first sheet may go without */
    private array $headers = [];

    public function __construct(WordParts $parts)
    {
        foreach ($parts->document()->getElementsByTagNameNS('*', 'sectPr') as $section) {
            foreach (XmlTree::elements($section) as $node) {
                $said = WordStyles::attributes($node);
                $kind = $said['type'] ?? 'default';
                $header = $node->localName === 'headerReference' ? $parts->part($said['id'] ?? '') : null;
                if ($header !== null && $kind !== 'first') {
                    $this->headers[$kind] = $header;
                }
            }
        }
    }

    /** The text at the head of an ordinary sheet. */
    public function text(): string
    {
        $text = '';
        foreach (($this->headers['default'] ?? null)?->getElementsByTagNameNS('*', 't') ?? [] as $piece) {
            $text .= $piece->textContent;
        }

        // What the field counted when the file was written is no text.
        return trim((string) preg_replace('/\s*\d+$/', '', trim($text)));
    }

    public function hasNumber(): bool
    {
        foreach ($this->headers as $header) {
            if (preg_match('/>\s*PAGE\b|instr="\s*PAGE\b|<w:pgNum\b/i', (string) $header->saveXML()) === 1) {
                return true;
            }
        }

        return false;
    }
}
