<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

/** The text of a paragraph as it is gathered piece by piece, and how most of its letters look. */
final class GatheredText
{
    public string $text = '';

    /** @var list<array{int, int}> where italics begin and end, in bytes */
    public array $italics = [];

    /** @var list<\DOMElement> what stands in boxes next to it */
    public array $boxes = [];

    /** How many sheets begin within it, as the file records them. */
    public int $sheets = 0;

    /** @var array<string, int> letters by face and size: "Tinos|12" */
    private array $looks = [];

    private int $letters = 0;

    private int $bold = 0;

    private int $italic = 0;

    /**
     * @param  string  $usualFace  for a paragraph without letters
     * @param  float  $usualSize  in points
     */
    public function __construct(private readonly string $usualFace, private readonly float $usualSize)
    {
    }

    /** @param  float  $size  in points */
    public function add(string $text, string $face, float $size, bool $isBold, bool $isItalic): void
    {
        $start = strlen($this->text);
        $this->text .= $text;
        $letters = mb_strlen(trim($text));
        $look = "{$face}|{$size}";
        $this->looks[$look] = ($this->looks[$look] ?? 0) + $letters;
        $this->letters += $letters;
        $this->bold += $isBold ? $letters : 0;
        $this->italic += $isItalic ? $letters : 0;
        if ($isItalic && $letters > 0) {
            $this->italics[] = [$start, strlen($this->text)];
        }
    }

    public function face(): string
    {
        return $this->look()[0];
    }

    /** In points. */
    public function size(): float
    {
        return (float) $this->look()[1];
    }

    public function isBold(): bool
    {
        return $this->letters > 0 && $this->bold === $this->letters;
    }

    public function isItalic(): bool
    {
        return $this->letters > 0 && $this->italic === $this->letters;
    }

    /** @return array{string, string} */
    private function look(): array
    {
        arsort($this->looks);
        $look = $this->letters === 0 ? "{$this->usualFace}|{$this->usualSize}" : (string) array_key_first($this->looks);
        $at = (int) strrpos($look, '|');

        return [substr($look, 0, $at), substr($look, $at + 1)];
    }
}
