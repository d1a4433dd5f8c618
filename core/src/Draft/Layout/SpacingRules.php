<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\Paragraph;

/** Double spacing throughout, and nothing between paragraphs: neither space nor empty lines. */
final readonly class SpacingRules
{
    /** @return list<LayoutIssue> */
    public function issues(PaperParts $paper): array
    {
        $issues = [];
        $single = array_filter($paper->text, static fn (Paragraph $one): bool => $one->look->lines !== null
            && abs($one->look->lines - 2) > 0.15 && ! $one->look->isListed);
        if ($single !== []) {
            $said = self::said(array_map(static fn (Paragraph $one): float => (float) $one->look->lines, $single));
            $issues[] = new LayoutIssue(
                'line-spacing',
                PaperParts::places($single),
                'Lines are not double-spaced here ('.$said
                    .'): they are throughout, in quotations and the list of sources as well.',
                new Mend(PaperParts::places($single), lines: 2.0),
            );
        }
        $spaced = array_filter($this->spaced($paper), static fn (Paragraph $one): bool => $one->look->outline === 0);
        if ($spaced !== []) {
            $issues[] = new LayoutIssue(
                'space-between',
                PaperParts::places($spaced),
                'There is extra space before or after paragraphs here: nothing but the double spacing stands '
                    .'between them.',
                new Mend(PaperParts::places($spaced), isWithoutSpace: true),
            );
        }
        $empty = $this->empty($paper);
        if ($empty !== []) {
            $issues[] = new LayoutIssue(
                'empty-lines',
                $empty,
                'Empty lines stand between paragraphs here: take them out.',
            );
        }

        return $issues;
    }

    /** @return list<Paragraph> */
    private function spaced(PaperParts $paper): array
    {
        // Twentieths of a point: less than two points nobody sees.
        return array_values(array_filter(
            $paper->text,
            static fn (Paragraph $one): bool => max($one->look->before, $one->look->after) > 40 && ! $one->look->isListed,
        ));
    }

    /**
     * @return list<int> empty paragraphs with text of one kind on both sides; those before a new sheet or a title are
     *     no matter
     */
    private function empty(PaperParts $paper): array
    {
        $prose = array_fill_keys(PaperParts::places($paper->prose), true);
        $listed = array_fill_keys(PaperParts::places($paper->list === null ? [] : $paper->list->entries), true);
        $empty = [];
        $pending = [];
        $before = null;
        foreach ($paper->draft->paragraphs as $one) {
            if ($one->isEmpty()) {
                $pending[] = $one->place;

                continue;
            }
            $isBetween = $before !== null && ! $one->look->breaksBefore
                && (isset($prose[$before], $prose[$one->place]) || isset($listed[$before], $listed[$one->place]));
            if ($isBetween) {
                array_push($empty, ...$pending);
            }
            $pending = [];
            $before = $one->place;
        }

        return $empty;
    }

    /** @param  array<array-key, float>  $spacings */
    private static function said(array $spacings): string
    {
        $most = array_count_values(array_map(strval(...), $spacings));
        arsort($most);
        $spacing = (string) array_key_first($most);

        return $spacing === '1' ? 'they are single-spaced' : "the spacing is {$spacing}";
    }
}
