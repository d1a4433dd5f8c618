<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Format\GatheredText;
use Bibrel\Core\Draft\Format\XmlTree;
use Bibrel\Core\Draft\Look;

/** The text of one paragraph, run by run, and how most of its letters look. */
final class WordText
{
    /** What holds text a reader does not see. */
    private const HIDDEN = ['del', 'moveFrom', 'Fallback', 'pPr', 'rPr', 'instrText', 'delText', 'sdtPr', 'sdtEndPr'];

    private const CHARACTERS = ['tab' => "\t", 'ptab' => "\t", 'br' => "\n", 'cr' => "\n", 'noBreakHyphen' => '-'];

    public readonly GatheredText $gathered;

    /** @var list<string> "footnote 3" */
    private array $notes = [];

    /** How many sheets begin before its first letter. */
    private int $sheetsBefore = 0;

    /** @var list<int> where in the text sheets are broken by hand, in bytes */
    private array $breaks = [];

    public function __construct(private readonly WordStyles $styles, private readonly string $style)
    {
        $usual = $styles->run($style, '', []);
        $this->gathered = new GatheredText($styles->face($usual), self::sizeOf($usual));
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

    /** @return list<string> "footnote 3" */
    public function notes(): array
    {
        return $this->notes;
    }

    public function sheetsBefore(): int
    {
        return $this->sheetsBefore;
    }

    public function beginsWithBreak(): bool
    {
        return $this->breaks !== []
            && trim(substr($this->gathered->text, 0, $this->breaks[0])) === ''
            && trim($this->gathered->text) !== '';
    }

    public function endsWithBreak(): bool
    {
        return $this->breaks !== [] && trim(substr($this->gathered->text, $this->breaks[count($this->breaks) - 1])) === '';
    }

    /**
     * @param  string  $style  the name of the paragraph's style
     * @param  array<string, array<string, string>>  $settings  of the paragraph
     */
    public function look(string $style, array $settings, bool $breaks): Look
    {
        return (new WordLook($settings))->look($style, $this->gathered, $breaks);
    }

    /**
     * @param  array<string, array<string, string>>  $settings  of letters
     * @return float in points
     */
    private static function sizeOf(array $settings): float
    {
        return (float) ($settings['sz']['val'] ?? 20) / 2;
    }

    private function run(\DOMElement $run): void
    {
        $direct = WordStyles::settings(XmlTree::child($run, 'rPr'));
        $settings = $this->styles->run($this->style, $direct['rStyle']['val'] ?? '', $direct);
        if (WordStyles::isOn($settings, 'vanish')) {
            return;
        }
        $text = '';
        foreach (XmlTree::elements($run) as $node) {
            $text .= $this->content($node, $text);
        }
        $this->gathered->add(
            $text,
            $this->styles->face($settings),
            self::sizeOf($settings),
            WordStyles::isOn($settings, 'b'),
            WordStyles::isOn($settings, 'i'),
        );
    }

    /**
     * @param  string  $before  what the run has said so far
     * @return string the text of one thing in a run
     */
    private function content(\DOMElement $node, string $before): string
    {
        $name = (string) $node->localName;
        if ($name === 't') {
            return $node->textContent;
        }
        $attributes = WordStyles::attributes($node);
        $isBreak = $name === 'br' && ($attributes['type'] ?? '') === 'page';
        match (true) {
            $isBreak => $this->breaks[] = strlen($this->gathered->text.$before),
            $name === 'lastRenderedPageBreak' => $this->sheet($this->gathered->text.$before),
            str_ends_with($name, 'noteReference') => $this->notes[] = substr($name, 0, -strlen('Reference'))
                .' '.($attributes['id'] ?? ''),
            default => $this->boxesIn($node),
        };

        return $isBreak ? '' : self::CHARACTERS[$name] ?? '';
    }

    private function sheet(string $before): void
    {
        $this->gathered->sheets++;
        $this->sheetsBefore += trim($before) === '' ? 1 : 0;
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
                $this->gathered->boxes[] = $box;
            }
        }
    }
}
