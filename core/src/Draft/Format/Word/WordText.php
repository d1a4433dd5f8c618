<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Look;

/** The text of one paragraph, run by run, and how most of its letters look. */
final class WordText
{
    /** What holds text a reader does not see. */
    private const HIDDEN = ['del', 'moveFrom', 'Fallback', 'pPr', 'rPr', 'instrText', 'delText', 'sdtPr', 'sdtEndPr'];

    private const CHARACTERS = ['tab' => "\t", 'ptab' => "\t", 'cr' => "\n", 'noBreakHyphen' => '-'];

    private string $text = '';

    /** @var list<array{int, int}> */
    private array $italics = [];

    /** @var list<string> */
    private array $notes = [];

    /** @var list<\DOMElement> */
    private array $boxes = [];

    private int $sheets = 0;

    private int $sheetsBefore = 0;

    /** @var list<int> where in the text sheets are broken by hand, in bytes */
    private array $breaks = [];

    /** @var array<string, int> letters by face and size: "Tinos|24" */
    private array $looks = [];

    private int $letters = 0;

    private int $bold = 0;

    private int $italic = 0;

    public function __construct(private readonly WordStyles $styles, private readonly string $style)
    {
    }

    public function read(\DOMElement $paragraph): void
    {
        foreach (XmlTree::elements($paragraph) as $node) {
            match (true) {
                in_array($node->localName, self::HIDDEN, true) => null,
                $node->localName === 'r' => $this->run($node),
                default => $this->read($node),
            };
        }
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

    /** @return list<string> "footnote 3" */
    public function notes(): array
    {
        return $this->notes;
    }

    /** @return list<\DOMElement> what stands in boxes beside it */
    public function boxes(): array
    {
        return $this->boxes;
    }

    /** How many sheets begin within it, as the file records them. */
    public function sheets(): int
    {
        return $this->sheets;
    }

    /** How many of those begin before its first letter. */
    public function sheetsBefore(): int
    {
        return $this->sheetsBefore;
    }

    public function beginsWithBreak(): bool
    {
        return $this->breaks !== []
            && trim(substr($this->text, 0, $this->breaks[0])) === ''
            && trim($this->text) !== '';
    }

    public function endsWithBreak(): bool
    {
        return $this->breaks !== [] && trim(substr($this->text, $this->breaks[count($this->breaks) - 1])) === '';
    }

    /**
     * @param  string  $style  the name of the paragraph's style
     * @param  array<string, array<string, string>>  $settings  of the paragraph
     */
    public function look(string $style, array $settings, bool $breaks): Look
    {
        arsort($this->looks);
        [$face, $size] = explode(
            '|',
            (string) (array_key_first($this->looks) ?? $this->lookOf($this->styles->run($this->style, '', []))),
        );

        return (new WordLook($settings))->look(
            $style,
            $face,
            (float) $size / 2,
            $this->letters > 0 && $this->bold === $this->letters,
            $this->letters > 0 && $this->italic === $this->letters,
            $breaks,
        );
    }

    /** @param  array<string, array<string, string>>  $settings  of letters */
    private function lookOf(array $settings): string
    {
        return $this->styles->face($settings).'|'.($settings['sz']['val'] ?? '20');
    }

    private function run(\DOMElement $run): void
    {
        $direct = WordStyles::settings(XmlTree::child($run, 'rPr'));
        $settings = $this->styles->run($this->style, $direct['rStyle']['val'] ?? '', $direct);
        if (WordStyles::isOn($settings, 'vanish')) {
            return;
        }
        $start = strlen($this->text);
        foreach (XmlTree::elements($run) as $node) {
            $this->content($node);
        }
        $said = substr($this->text, $start);
        $letters = mb_strlen(trim($said));
        if ($letters === 0) {
            return;
        }
        $this->letters += $letters;
        $look = $this->lookOf($settings);
        $this->looks[$look] = ($this->looks[$look] ?? 0) + $letters;
        $this->bold += WordStyles::isOn($settings, 'b') ? $letters : 0;
        if (WordStyles::isOn($settings, 'i')) {
            $this->italic += $letters;
            $this->italics[] = [$start, strlen($this->text)];
        }
    }

    private function content(\DOMElement $node): void
    {
        $name = (string) $node->localName;
        $attributes = WordStyles::attributes($node);
        match ($name) {
            't' => $this->text .= $node->textContent,
            'tab', 'ptab', 'cr', 'noBreakHyphen' => $this->text .= self::CHARACTERS[$name],
            'br' => $this->lineBreak($attributes['type'] ?? ''),
            'lastRenderedPageBreak' => $this->sheet(),
            'footnoteReference', 'endnoteReference' => $this->notes[] = substr($name, 0, -strlen('Reference'))
                .' '.($attributes['id'] ?? ''),
            default => $this->boxesIn($node),
        };
    }

    private function lineBreak(string $type): void
    {
        if ($type === 'page') {
            $this->breaks[] = strlen($this->text);
        } else {
            $this->text .= "\n";
        }
    }

    private function sheet(): void
    {
        $this->sheets++;
        $this->sheetsBefore += trim($this->text) === '' ? 1 : 0;
    }

    private function boxesIn(\DOMElement $node): void
    {
        foreach ($node->getElementsByTagNameNS('*', 'txbxContent') as $box) {
            $up = $box->parentNode;
            while ($up instanceof \DOMElement && $up !== $node && $up->localName !== 'Fallback') {
                $up = $up->parentNode;
            }
            // What a program that knows no boxes shows instead says the same again.
            if ($up === $node) {
                $this->boxes[] = $box;
            }
        }
    }
}
