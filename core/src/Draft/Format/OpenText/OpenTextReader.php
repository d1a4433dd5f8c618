<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\OpenText;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Draft\Format\GatheredText;
use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Look;
use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SheetLook;

/**
 * Reads the text of an open text document as a reader sees it; what tracked changes took out stands elsewhere there.
 */
final class OpenTextReader
{
    private const ALIGNED = ['center' => 'center', 'end' => 'end', 'right' => 'end', 'justify' => 'both'];

    /** A line of type is about so much of its size high. */
    private const LINE = 1.15;

    private readonly OpenTextStyles $styles;

    /** @var list<Paragraph> */
    private array $paragraphs = [];

    /** @var list<Paragraph> */
    private array $apart = [];

    private bool $isBroken = false;

    private string $master = '';

    private int $sheet;

    public function __construct(private readonly \DOMDocument $content, ?\DOMDocument $styles)
    {
        $this->styles = new OpenTextStyles($styles, $content);
        $this->sheet = $content->getElementsByTagNameNS('*', 'soft-page-break')->length > 0 ? 1 : 0;
    }

    public static function text(\DOMDocument $content): ?\DOMElement
    {
        foreach ($content->getElementsByTagNameNS(
            'urn:oasis:names:tc:opendocument:xmlns:office:1.0',
            'text',
        ) as $text) {
            return $text;
        }

        return null;
    }

    public function draft(): Draft
    {
        $this->blocks(self::text($this->content) ?? throw Archive::damaged(), isApart: false);

        return new Draft($this->paragraphs, $this->apart, $this->sheets(), $this->isBroken);
    }

    private function blocks(\DOMElement $of, bool $isApart, bool $isListed = false): void
    {
        foreach (XmlTree::elements($of) as $node) {
            match ($node->localName) {
                'p', 'h' => $this->paragraph($node, $isApart, '', $isListed),
                'list', 'list-item', 'list-header' => $this->blocks($node, $isApart, true),
                'section', 'index-body', 'table-of-content', 'bibliography',
                'index-title', 'user-index' => $this->blocks($node, $isApart),
                'table' => $this->table($node),
                'soft-page-break' => $this->sheet++,
                default => null,
            };
        }
    }

    private function table(\DOMElement $table): void
    {
        foreach ($table->getElementsByTagNameNS('*', 'table-cell') as $cell) {
            $this->blocks($cell, isApart: true);
        }
    }

    private function paragraph(\DOMElement $node, bool $isApart, string $note, bool $isListed): void
    {
        $name = OpenTextStyles::attribute($node, 'style-name');
        $text = new OpenTextText($this->styles, $name);
        $text->read($node);
        $isText = ! $isApart && $note === '';
        $one = new Paragraph(
            $isText ? count($this->paragraphs) : max(0, count($this->paragraphs) - 1),
            $text->gathered->text,
            $this->look($node, $text->gathered, $name, $isListed, $isText && $this->breaks($name)),
            $text->gathered->italics,
            $note,
            $this->sheet,
            $isApart,
            $node->getNodePath() ?? '',
        );
        $this->sheet += $text->gathered->sheets;
        if (! $isText) {
            $this->apart[] = $one;

            return;
        }
        $this->paragraphs[] = $one;
        $this->isBroken = ($this->styles->of('paragraph', $name)['break-after'] ?? '') === 'page';
        $this->besides($text);
    }

    /**
     * Whether a paragraph of a style begins a sheet here; a style may also say which sheets come from here on.
     */
    private function breaks(string $style): bool
    {
        $master = $this->styles->masterOf($style);
        $isNew = $master !== '' && $this->paragraphs !== [];
        $this->master = $master ?: $this->master;

        return $isNew || $this->isBroken || ($this->styles->of('paragraph', $style)['break-before'] ?? '') === 'page';
    }

    /** Notes that hang on a paragraph, and boxes next to it. */
    private function besides(OpenTextText $text): void
    {
        foreach ($text->notes() as $i => $body) {
            foreach (XmlTree::elements($body) as $noted) {
                if (in_array($noted->localName, ['p', 'h'], true)) {
                    $this->paragraph($noted, false, 'note '.($i + 1), false);
                }
            }
        }
        foreach ($text->gathered->boxes as $box) {
            $this->blocks($box, isApart: true);
        }
    }

    private function look(\DOMElement $node, GatheredText $letters, string $name, bool $isListed, bool $breaks): Look
    {
        $settings = $this->styles->of('paragraph', $name);
        $length = static fn (string $key): int => OpenTextStyles::twips($settings[$key] ?? '') ?? 0;

        return new Look(
            $this->styles->parentOf($name) ?: $name,
            self::lines($settings, $letters->size()),
            $length('margin-top'),
            $length('margin-bottom'),
            $length('margin-left'),
            $length('margin-right'),
            $length('text-indent'),
            self::ALIGNED[$settings['text-align'] ?? ''] ?? 'start',
            $letters->face(),
            $letters->size(),
            $letters->isBold(),
            $letters->isItalic(),
            $breaks,
            $isListed,
            $node->localName === 'h' ? max(1, (int) OpenTextStyles::attribute($node, 'outline-level')) : 0,
        );
    }

    /** @param  array<string, string>  $settings */
    private static function lines(array $settings, float $size): float
    {
        $height = $settings['line-height'] ?? 'normal';
        if (preg_match('/^([\d.]+)%$/', $height, $m) === 1) {
            return round((float) $m[1] / 100, 2);
        }
        $exact = OpenTextStyles::twips($settings['line-height-at-least'] ?? '') ?? OpenTextStyles::twips($height);
        $between = OpenTextStyles::twips($settings['line-spacing'] ?? '');

        return match (true) {
            $exact !== null => round($exact / 20 / ($size * self::LINE), 2),
            $between !== null => round(1 + $between / 20 / ($size * self::LINE), 2),
            default => 1.0,
        };
    }

    private function sheets(): SheetLook
    {
        $master = $this->styles->master($this->master);
        $settings = $master === null
            ? []
            : $this->styles->sheet(OpenTextStyles::attribute($master, 'page-layout-name'));
        $length = static fn (string $key, int $usual): int => OpenTextStyles::twips($settings[$key] ?? '') ?? $usual;
        [$header, $hasNumber] = ['', false];
        foreach (XmlTree::elements($master) as $node) {
            if ($node->localName === 'header') {
                $header = trim((string) preg_replace('/\s*\d+$/', '', trim($node->textContent)));
                $hasNumber = $node->getElementsByTagNameNS('*', 'page-number')->length > 0;
            }
        }
        // A header takes its room from the margin above the text.
        $top = $length('margin-top', 1440);

        return new SheetLook(
            $length('page-width', 12240),
            $length('page-height', 15840),
            $header === '' && ! $hasNumber ? $top : max($top, min(1440, $top + 720)),
            $length('margin-right', 1440),
            $length('margin-bottom', 1440),
            $length('margin-left', 1440),
            $header,
            $hasNumber,
        );
    }
}
