<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Pdf;

/**
 * Puts paragraphs on sheets as word processors do: no single line of one alone at a sheet's foot or head.
 * `resources/js/page/measure.ts` does the same for the screen.
 */
final readonly class SheetFiller
{
    public function __construct(private int $linesOnSheet)
    {
    }

    /**
     * @param  list<int>  $paragraphs  how many lines each has
     * @return list<list<array{int, int}>> of each paragraph the sheet and the place on it of every line, from 0
     */
    public function places(array $paragraphs): array
    {
        $places = [];
        [$sheet, $at] = [0, 0];
        foreach ($paragraphs as $count) {
            $here = $this->taken($count, $this->linesOnSheet - $at);
            $mine = [];
            for ($line = 0; $line < $count; $line++) {
                if ($line === $here || $at === $this->linesOnSheet) {
                    [$sheet, $at] = [$sheet + 1, 0];
                    $here = $line + $this->taken($count - $line, $this->linesOnSheet);
                }
                $mine[] = [$sheet, $at++];
            }
            $places[] = $mine;
        }

        return $places;
    }

    /** How many of a paragraph's lines stay on a sheet with that much room. */
    private function taken(int $lines, int $room): int
    {
        $fits = $lines <= $room ? $lines : min($room, $lines - 2);

        return $fits === 1 && $lines > 1 ? 0 : max(0, $fits);
    }
}
