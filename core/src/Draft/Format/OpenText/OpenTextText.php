<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\OpenText;

/** The text of one paragraph, span by span, and how most of its letters look. */
final class OpenTextText
{
    private const SKIPPED = ['annotation', 'annotation-end', 'tracked-changes', 'ruby-text', 'sequence-decls'];

    private const BOLD = ['bold', '600', '700', '800', '900'];

    private string $text = '';

    /** @var list<array{int, int}> */
    private array $italics = [];

    /** @var list<\DOMElement> */
    private array $notes = [];

    /** @var list<\DOMElement> */
    private array $boxes = [];

    private int $sheets = 0;

    /** @var array<string, int> letters by face and size */
    private array $looks = [];

    private int $letters = 0;

    private int $bold = 0;

    private int $italic = 0;

    public function __construct(private readonly OpenTextStyles $styles, private readonly string $style)
    {
    }

    public function read(\DOMElement $paragraph): void
    {
        $this->within($paragraph, $this->styles->of('paragraph', $this->style));
    }

    public function text(): string
    {
        return $this->text;
    }

    /** @return list<array{int, int}> */
    public function italics(): array
    {
        return $this->italics;
    }

    /** @return list<\DOMElement> bodies of the notes that hang on it */
    public function notes(): array
    {
        return $this->notes;
    }

    /** @return list<\DOMElement> what stands in boxes next to it */
    public function boxes(): array
    {
        return $this->boxes;
    }

    public function sheets(): int
    {
        return $this->sheets;
    }

    public function face(): string
    {
        return explode('|', $this->look())[0];
    }

    /** In points. */
    public function size(): float
    {
        return (float) (explode('|', $this->look())[1] ?? 12) ?: 12.0;
    }

    public function isBold(): bool
    {
        return $this->letters > 0 && $this->bold === $this->letters;
    }

    public function isItalic(): bool
    {
        return $this->letters > 0 && $this->italic === $this->letters;
    }

    private function look(): string
    {
        arsort($this->looks);

        return (string) (array_key_first($this->looks) ?? $this->lookOf($this->styles->of('paragraph', $this->style)));
    }

    /** @param  array<string, string>  $settings */
    private function lookOf(array $settings): string
    {
        $size = $settings['font-size'] ?? '12pt';

        return $this->styles->face($settings).'|'.(str_ends_with($size, 'pt') ? (float) $size : 12.0);
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
            'soft-page-break' => $this->sheets++,
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
        $start = strlen($this->text);
        $this->text .= $this->spaced($text);
        $letters = mb_strlen(trim($text));
        if ($letters === 0) {
            return;
        }
        $this->letters += $letters;
        $look = $this->lookOf($settings);
        $this->looks[$look] = ($this->looks[$look] ?? 0) + $letters;
        $this->bold += in_array($settings['font-weight'] ?? '', self::BOLD, true) ? $letters : 0;
        if (in_array($settings['font-style'] ?? '', ['italic', 'oblique'], true)) {
            $this->italic += $letters;
            $this->italics[] = [$start, strlen($this->text)];
        }
    }

    /** After a space, or at the head of a paragraph, a space of the file is none. */
    private function spaced(string $text): string
    {
        $isOver = str_starts_with($text, ' ') && ($this->text === '' || str_ends_with($this->text, ' '));

        return $isOver && ($text !== ' ' || $this->text === '') ? ltrim($text, ' ') : $text;
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
            $this->boxes[] = $box;
        }
    }
}
