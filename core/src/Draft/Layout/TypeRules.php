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
        if ($paper->text === []) {
            return [];
        }
        $face = self::most($paper->text, static fn (Paragraph $one): string => $one->look->face);
        $same = array_filter(
            $paper->text,
            static fn (Paragraph $one): bool => in_array($one->look->face, [$face, ''], true),
        );
        $size = (float) self::most($same, static fn (Paragraph $one): string => (string) $one->look->size);
        $others = array_udiff(
            $paper->text,
            $same,
            static fn (Paragraph $a, Paragraph $b): int => $a->place <=> $b->place,
        );

        return [
            ...self::issue('type-face', $others, "Most of the paper is in {$face}; here it is not."),
            ...self::issue('type-size', self::ofOtherSize($same, $size), 'The size of the letters changes here: '
                .round($size, 1).' points stand everywhere else, headings included.'),
            ...($size >= self::SMALLEST && $size <= self::LARGEST ? [] : [new LayoutIssue('type-size', [], 'The '
            .'letters are '
                .round($size, 1).' points large: 12 is usual, 11 is allowed in some faces.')]),
        ];
    }

    /**
     * @param  array<int, Paragraph>  $paragraphs
     * @return array<int, Paragraph>
     */
    private static function ofOtherSize(array $paragraphs, float $size): array
    {
        return array_filter(
            $paragraphs,
            static fn (Paragraph $one): bool => $one->look->size !== null && abs($one->look->size - $size) > 0.4,
        );
    }

    /**
     * What most letters have.
     *
     * @param  array<int, Paragraph>  $paragraphs
     * @param  callable(Paragraph): string  $of
     */
    private static function most(array $paragraphs, callable $of): string
    {
        $letters = [];
        foreach ($paragraphs as $one) {
            $letters[$of($one)] = ($letters[$of($one)] ?? 0) + strlen($one->text);
        }
        arsort($letters);

        return (string) array_key_first($letters);
    }

    /**
     * @param  array<int, Paragraph>  $paragraphs
     * @return list<LayoutIssue> none where it is about nothing
     */
    private static function issue(string $id, array $paragraphs, string $sentence): array
    {
        return $paragraphs === [] ? [] : [new LayoutIssue($id, PaperParts::places($paragraphs), $sentence)];
    }
}
