<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\OpenText;

use Bibrel\Core\Draft\Format\GatheredText;

/** The text of one paragraph, span by span, and how most of its letters look. */
final class OpenTextText
{
    private const SKIPPED = ['annotation', 'annotation-end', 'tracked-changes', 'ruby-text', 'sequence-decls'];

    private const USUAL = 12.0;

    private const BOLD = ['bold', '600', '700', '800', '900'];

    public readonly GatheredText $gathered;

    /** @var list<\DOMElement> bodies of the notes that hang on it */
    private array $notes = [];

    public function __construct(private readonly OpenTextStyles $styles, private readonly string $style)
    {
        $usual = $styles->of('paragraph', $style);
        $this->gathered = new GatheredText($styles->face($usual), self::sizeOf($usual));
    }

    public function read(\DOMElement $paragraph): void
    {
        $this->within($paragraph, $this->styles->of('paragraph', $this->style));
    }

    /** @return list<\DOMElement> bodies of the notes that hang on it */
    public function notes(): array
    {
        return $this->notes;
    }

    /**
     * @param  array<string, string>  $settings
     * @return float in points
     */
    private static function sizeOf(array $settings): float
    {
        $size = $settings['font-size'] ?? '';

        return str_ends_with($size, 'pt') ? (float) $size : self::USUAL;
    }

    /** @param  array<string, string>  $settings */
    private function within(\DOMElement $of, array $settings): void
    {
        foreach ($of->childNodes as $node) {
            if ($node instanceof \DOMText) {
                // Line ends and runs of spaces in the file are one space.
                $this->add((string) preg_replace('/[ \t\r\n]+/', ' ', $node->data), $settings);
            } elseif ($node instanceof \DOMElement && ! in_array($node->localName, self::SKIPPED, true)) {
                $this->element($node, $settings);
            }
        }
    }

    /** @param  array<string, string>  $settings */
    private function element(\DOMElement $node, array $settings): void
    {
        $count = max(1, (int) OpenTextStyles::attribute($node, 'c'));
        match ($node->localName) {
            's' => $this->add(str_repeat(' ', $count), $settings),
            'tab' => $this->add("\t", $settings),
            'line-break' => $this->add("\n", $settings),
            'soft-page-break' => $this->gathered->sheets++,
            'note' => $this->note($node),
            'frame', 'custom-shape' => $this->boxesIn($node),
            'span' => $this->within($node, [
                ...$settings,
                ...$this->styles->own('text', OpenTextStyles::attribute($node, 'style-name')),
            ]),
            default => $this->within($node, $settings),
        };
    }

    /** @param  array<string, string>  $settings */
    private function add(string $text, array $settings): void
    {
        $this->gathered->add(
            $this->spaced($text),
            $this->styles->face($settings),
            self::sizeOf($settings),
            in_array($settings['font-weight'] ?? '', self::BOLD, true),
            in_array($settings['font-style'] ?? '', ['italic', 'oblique'], true),
        );
    }

    /** After a space, or at the head of a paragraph, a space of the file is none. */
    private function spaced(string $text): string
    {
        $before = $this->gathered->text;
        $isOver = str_starts_with($text, ' ') && ($before === '' || str_ends_with($before, ' '));

        return $isOver && ($text !== ' ' || $before === '') ? ltrim($text, ' ') : $text;
    }

    private function note(\DOMElement $note): void
    {
        foreach ($note->childNodes as $part) {
            if ($part instanceof \DOMElement && $part->localName === 'note-body') {
                $this->notes[] = $part;
            }
        }
    }

    private function boxesIn(\DOMElement $frame): void
    {
        foreach ($frame->getElementsByTagNameNS('*', 'text-box') as $box) {
            $this->gathered->boxes[] = $box;
        }
    }
}
