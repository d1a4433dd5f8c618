<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Format\XmlTree;

/** What stands at the head of a document's last section, which takes over those before where it says nothing. */
final class WordHeaders
{
    /** @var array<string, \DOMDocument> by kind: default, first, even */
    private array $headers = [];

    private bool $hasFirst = false;

    public function __construct(WordParts $parts)
    {
        foreach ($parts->document()->getElementsByTagNameNS('*', 'sectPr') as $section) {
            foreach (XmlTree::elements($section) as $node) {
                $said = WordStyles::attributes($node);
                match ($node->localName) {
                    'headerReference' => $this->add($said['type'] ?? 'default', $parts->part($said['id'] ?? '')),
                    'titlePg' => $this->hasFirst = $this->hasFirst || ($said['val'] ?? '1') !== '0',
                    default => null,
                };
            }
        }
    }

    private function add(string $kind, ?\DOMDocument $header): void
    {
        if ($header !== null) {
            $this->headers[$kind] = $header;
        }
    }

    /** @param  string  $kind  default or first */
    public function text(string $kind): string
    {
        $header = $kind === 'first' && ! $this->hasFirst
            ? $this->headers['default'] ?? null
            : $this->headers[$kind] ?? null;
        $text = '';
        foreach ($header?->getElementsByTagNameNS('*', 't') ?? [] as $piece) {
            $text .= $piece->textContent;
        }

        // What the field counted when the file was written is no text.
        return trim((string) preg_replace('/\s*\d+$/', '', trim($text)));
    }

    public function hasNumber(): bool
    {
        foreach ($this->headers as $kind => $header) {
            $xml = (string) $header->saveXML();
            if ($kind !== 'first' && preg_match('/>\s*PAGE\b|instr="\s*PAGE\b|<w:pgNum\b/i', $xml) === 1) {
                return true;
            }
        }

        return false;
    }
}
