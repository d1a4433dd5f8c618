<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Style\PaperRules;

/** The list of sources: its heading, its sheet, and hanging indents that are a setting and not made by hand. */
final readonly class ListRules
{
    private const HALF_INCH = 720;

    private const NEAR = 100;

    public function __construct(private PaperRules $rules)
    {
    }

    /** @return list<LayoutIssue> */
    public function issues(PaperParts $paper): array
    {
        $list = $paper->list;
        if ($list === null) {
            return [];
        }
        $heading = $paper->draft->paragraphs[$list->heading];

        return [...$this->heading($heading), ...$this->sheet($heading), ...$this->indents($list)];
    }

    /** @return list<LayoutIssue> */
    private function heading(Paragraph $heading): array
    {
        $issues = [];
        $text = trim($heading->text);
        $wanted = $this->rules->headings[0];
        if (! in_array($text, $this->rules->headings, true)) {
            $issues[] = new LayoutIssue(
                'list-heading',
                [$heading->place],
                "The list is headed “{$wanted}” in {$this->rules->style}, not “{$text}”.",
            );
        }
        $isBold = $heading->look->isBold;
        if ($heading->look->align !== 'center' || $isBold !== $this->rules->headingIsBold) {
            $issues[] = new LayoutIssue(
                'list-heading',
                [$heading->place],
                'The heading of the list stands in the middle, '
                    .($this->rules->headingIsBold ? 'in bold.' : 'in plain letters, not bold.'),
                $isBold === $this->rules->headingIsBold ? new Mend([$heading->place], align: 'center') : null,
            );
        }

        return $issues;
    }

    /** @return list<LayoutIssue> */
    private function sheet(Paragraph $heading): array
    {
        return $heading->look->breaksBefore ? [] : [new LayoutIssue(
            'list-break',
            [$heading->place],
            'The list of sources begins a new sheet: a page break stands before its heading.',
            new Mend([$heading->place], breaksBefore: true),
        )];
    }

    /** @return list<LayoutIssue> */
    private function indents(SourceList $list): array
    {
        $issues = [];
        $byHand = array_filter(
            $list->entries,
            static fn (Paragraph $one): bool => preg_match('/\S.*[\t\n]|^\t|\n/u', $one->text) === 1,
        );
        if ($byHand !== []) {
            $issues[] = new LayoutIssue(
                'hanging-by-hand',
                PaperParts::places($byHand),
                'The lines of these entries are set in with Enter, Tab or spaces: a hanging indent of half an '
                    .'inch does it for good.',
            );
        }
        $flat = array_filter($list->entries, static fn (Paragraph $one): bool => ! in_array($one, $byHand, true)
            && mb_strlen($one->text) > 40
            && (abs(
                $one->look->first + self::HALF_INCH,
            ) > self::NEAR || abs($one->look->left - self::HALF_INCH) > self::NEAR)
            && ! self::isAnnotation($one));
        if ($flat !== []) {
            $issues[] = new LayoutIssue(
                'hanging-indent',
                PaperParts::places($flat),
                'All lines of an entry but its first are set in by half an inch; here they are not.',
                new Mend(PaperParts::places($flat), first: -self::HALF_INCH, left: self::HALF_INCH),
            );
        }

        return $issues;
    }

    private static function isAnnotation(Paragraph $one): bool
    {
        return $one->look->left >= self::HALF_INCH - self::NEAR && $one->look->first >= 0;
    }
}
