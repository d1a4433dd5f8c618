<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SheetLook;

/**
 * Reads the text of an OOXML document as a reader sees it: what tracked changes took out is no text, what they put
 * in is. Paragraphs of the text itself are counted; those in tables, boxes and notes belong to the one they stand
 * after.
 */
final class WordReader
{
    private const NO_NOTES = ['separator', 'continuationSeparator', 'continuationNotice'];

    private readonly WordStyles $styles;

    /** @var array<string, list<\DOMElement>> paragraphs of footnotes and endnotes by "footnote 3" */
    private array $notes = [];

    /** @var list<Paragraph> */
    private array $paragraphs = [];

    /** @var list<Paragraph> */
    private array $apart = [];

    private bool $isBroken = false;

    private int $sheet;

    public function __construct(private readonly WordParts $parts)
    {
        $this->styles = new WordStyles(
            $parts->related('styles'),
            $parts->related('numbering'),
            $parts->related('theme'),
        );
        foreach (['footnotes' => 'footnote', 'endnotes' => 'endnote'] as $part => $name) {
            foreach (XmlTree::elements($parts->related($part)?->documentElement) as $note) {
                $said = WordStyles::attributes($note);
                if (! in_array($said['type'] ?? 'normal', self::NO_NOTES, true)) {
                    $this->notes["{$name} ".($said['id'] ?? '')] = array_values(array_filter(
                        XmlTree::elements($note),
                        static fn (\DOMElement $one): bool => $one->localName === 'p',
                    ));
                }
            }
        }
        $this->sheet = $parts->document()->getElementsByTagNameNS('*', 'lastRenderedPageBreak')->length > 0 ? 1 : 0;
    }

    public function draft(): Draft
    {
        $body = XmlTree::child($this->parts->document()->documentElement, 'body') ?? throw Archive::damaged();
        $this->blocks($body, isApart: false);

        return new Draft($this->paragraphs, $this->apart, $this->sheets($body), $this->isBrokenAtEnd());
    }

    /** Paragraphs in a body, a cell, a box, or what wraps them. */
    private function blocks(\DOMElement $of, bool $isApart): void
    {
        foreach (XmlTree::elements($of) as $node) {
            match ($node->localName) {
                'p' => $this->paragraph($node, $isApart, ''),
                'sdt' => $this->blocks(XmlTree::child($node, 'sdtContent') ?? $node, $isApart),
                'ins', 'moveTo', 'customXml', 'smartTag' => $this->blocks($node, $isApart),
                'tbl' => $this->table($node),
                default => null,
            };
        }
    }

    private function table(\DOMElement $table): void
    {
        foreach ($table->getElementsByTagNameNS('*', 'tc') as $cell) {
            $this->blocks($cell, isApart: true);
        }
    }

    private function paragraph(\DOMElement $node, bool $isApart, string $note): void
    {
        $properties = XmlTree::child($node, 'pPr');
        $direct = WordStyles::settings($properties);
        $style = $direct['pStyle']['val'] ?? '';
        $settings = $this->styles->paragraph($style, $direct);
        $text = new WordText($this->styles, $style);
        $text->read($node);
        $breaks = WordStyles::isOn($settings, 'pageBreakBefore') || $this->isBroken || $text->beginsWithBreak();
        $isText = ! $isApart && $note === '';
        $one = new Paragraph(
            $isText ? count($this->paragraphs) : max(0, count($this->paragraphs) - 1),
            $text->gathered->text,
            $text->look($this->styles->nameOf($style), $settings, $breaks),
            $text->gathered->italics,
            $note,
            $this->sheet + $text->sheetsBefore(),
            $isApart,
            $node->getNodePath() ?? '',
        );
        $this->sheet += $text->gathered->sheets;
        if (! $isText) {
            $this->apart[] = $one;

            return;
        }
        $this->paragraphs[] = $one;
        $this->isBroken = $text->endsWithBreak() || self::beginsSection($properties);
        $this->besides($text);
    }

    /** Notes that hang on a paragraph, and boxes next to it. */
    private function besides(WordText $text): void
    {
        foreach ($text->notes() as $name) {
            foreach ($this->notes[$name] ?? [] as $noted) {
                $this->paragraph($noted, isApart: false, note: $name);
            }
        }
        foreach ($text->gathered->boxes as $box) {
            $this->blocks($box, isApart: true);
        }
    }

    /** A break by hand after the last word, with nothing but empty paragraphs after it. */
    private function isBrokenAtEnd(): bool
    {
        if ($this->isBroken) {
            return true;
        }
        foreach (array_reverse($this->paragraphs) as $one) {
            if (! $one->isEmpty()) {
                return false;
            }
            if ($one->look->breaksBefore) {
                return true;
            }
        }

        return false;
    }

    /** Whether what follows a section's last paragraph begins a new sheet. */
    private static function beginsSection(?\DOMElement $properties): bool
    {
        $section = XmlTree::child($properties, 'sectPr');
        $type = XmlTree::child($section, 'type');

        return $section !== null && ($type === null || (WordStyles::attributes($type)['val'] ?? '') !== 'continuous');
    }

    private function sheets(\DOMElement $body): SheetLook
    {
        $section = XmlTree::child($body, 'sectPr');
        $size = XmlTree::child($section, 'pgSz');
        $margins = XmlTree::child($section, 'pgMar');
        $said = [
            ...($size === null ? [] : WordStyles::attributes($size)),
            ...($margins === null ? [] : WordStyles::attributes($margins)),
        ];
        $twips = static fn (string $name, int $usual): int => is_numeric($said[$name] ?? null)
            ? (int) $said[$name]
            : $usual;
        $headers = new WordHeaders($this->parts);

        return new SheetLook(
            $twips('w', 12240),
            $twips('h', 15840),
            abs($twips('top', 1440)),
            $twips('right', 1440),
            abs($twips('bottom', 1440)),
            $twips('left', 1440),
            $headers->text(),
            $headers->hasNumber(),
        );
    }
}
