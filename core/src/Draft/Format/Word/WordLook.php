<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Format\GatheredText;
use Bibrel\Core\Draft\Look;

/** Resolved settings of a paragraph as lengths and numbers (ECMA-376, part 1, 17.3.1). */
final readonly class WordLook
{
    private const ALIGNED = [
        'center' => 'center',
        'right' => 'end',
        'end' => 'end',
        'both' => 'both',
        'distribute' => 'both',
    ];

    /** What a paragraph has that spaces itself as a browser does. */
    private const AUTO_SPACE = 280;

    /** A line of type is about so much of its size high. */
    private const LINE = 1.15;

    /** @param  array<string, array<string, string>>  $settings  as WordStyles gives them */
    public function __construct(private array $settings)
    {
    }

    /** @param  string  $style  its name */
    public function look(string $style, GatheredText $text, bool $breaks): Look
    {
        return new Look(
            $style,
            $this->lines($text->size()),
            $this->space('before'),
            $this->space('after'),
            $this->length('ind', 'left', 'start'),
            $this->length('ind', 'right', 'end'),
            $this->first(),
            self::ALIGNED[$this->said('jc', 'val')] ?? 'start',
            $text->face(),
            $text->size(),
            $text->isBold(),
            $text->isItalic(),
            $breaks,
            ! in_array($this->said('numPr', 'numId'), ['', '0'], true),
            $this->outline($style),
        );
    }

    private function lines(float $size): float
    {
        $line = (float) ($this->said('spacing', 'line') ?: 240);

        return in_array($this->said('spacing', 'lineRule'), ['exact', 'atLeast'], true)
            ? round($line / 20 / ($size * self::LINE), 2)
            : round($line / 240, 2);
    }

    private function space(string $side): int
    {
        return in_array($this->said('spacing', "{$side}Autospacing"), ['1', 'true', 'on'], true)
            ? self::AUTO_SPACE
            : $this->length('spacing', $side);
    }

    private function first(): int
    {
        return $this->said('ind', 'hanging') === ''
            ? $this->length('ind', 'firstLine')
            : -$this->length('ind', 'hanging');
    }

    private function outline(string $style): int
    {
        $level = $this->said('outlineLvl', 'val');
        if (is_numeric($level) && (int) $level < 9) {
            return (int) $level + 1;
        }

        return preg_match('/^heading (\d)$/i', $style, $m) === 1 ? (int) $m[1] : 0;
    }

    private function length(string $setting, string ...$attributes): int
    {
        foreach ($attributes as $attribute) {
            $said = $this->said($setting, $attribute);
            if (is_numeric($said)) {
                return (int) round((float) $said);
            }
        }

        return 0;
    }

    private function said(string $setting, string $attribute): string
    {
        return $this->settings[$setting][$attribute] ?? '';
    }
}
