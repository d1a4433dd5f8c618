<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\Paragraph;

/** One face throughout, in a size one can read: 11 to 13 points, 10 for faces that run large. */
final readonly class TypeRules
{
    private const SMALLEST = 10.0;

    private const LARGEST = 13.0;

    /** @return list<LayoutIssue> */
    public function issues(PaperParts $paper): array
    {
        $letters = [];
        foreach ($paper->text as $one) {
            $letters[$one->look->face][(string) $one->look->size] = ($letters[$one->look->face][(string) $one->look->size] ?? 0)
                + strlen($one->text);
        }
        if ($letters === []) {
            return [];
        }
        $faces = array_map(array_sum(...), $letters);
        arsort($faces);
        $face = (string) array_key_first($faces);
        arsort($letters[$face]);
        $size = (float) array_key_first($letters[$face]);
        $issues = [];
        $others = array_filter($paper->text, static fn (Paragraph $one): bool => $one->look->face !== $face && $one->look->face !== '');
        if ($others !== []) {
            $issues[] = new LayoutIssue('type-face', PaperParts::places($others), "Most of the paper is in {$face}; here it is not.");
        }
        $sizes = array_filter($paper->text, static fn (Paragraph $one): bool => $one->look->size !== null
            && abs($one->look->size - $size) > 0.4 && ! in_array($one, $others, true));
        if ($sizes !== []) {
            $issues[] = new LayoutIssue('type-size', PaperParts::places($sizes), 'The size of the letters changes here: '
                .round($size, 1).' points stand everywhere else, headings included.');
        }
        if ($size < self::SMALLEST || $size > self::LARGEST) {
            $issues[] = new LayoutIssue('type-size', [], 'The letters are '.round($size, 1).' points large: 12 is usual, 11 is allowed in some faces.');
        }

        return $issues;
    }
}
