<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Style\PaperRules;

/** What opens a paper: a heading block and a title (MLA), or a title page (APA). */
final readonly class OpeningRules
{
    private const DATE = '/\b(?:1[89]|20)\d\d\b/';

    public function __construct(private PaperRules $rules)
    {
    }

    /** @return list<LayoutIssue> */
    public function issues(PaperParts $paper): array
    {
        if ($paper->prose === []) {
            return [];
        }

        return $this->rules->hasTitlePage ? $this->titlePage($paper) : $this->headingBlock($paper);
    }

    /** @return list<LayoutIssue> */
    private function headingBlock(PaperParts $paper): array
    {
        $issues = [];
        $lines = array_filter($paper->opening, static fn (Paragraph $one): bool => $one->look->align !== 'center');
        $dated = array_filter($lines, static fn (Paragraph $one): bool => preg_match(self::DATE, $one->text) === 1);
        // A block may be one paragraph of several lines.
        $count = array_sum(
            array_map(static fn (Paragraph $one): int => 1 + substr_count(trim($one->text), "\n"), $lines),
        );
        if ($count < 3 || $dated === []) {
            $issues[] = new LayoutIssue(
                'heading-block',
                [],
                'The first sheet begins with four lines at the left: your name, your teacher’s, the course, and '
                    .'the date.',
            );
        }
        $titles = array_filter($paper->opening, static fn (Paragraph $one): bool => $one->look->align === 'center');
        if ($titles === []) {
            $issues[] = new LayoutIssue(
                'title',
                [],
                'The title stands in the middle of the line above the text, in plain letters.',
            );
        }
        $dressed = array_filter($titles, static fn (Paragraph $one): bool => $one->look->isBold
            || preg_match(
                '/^["“].*["”]$/u',
                trim($one->text),
            ) === 1 || preg_match('/^[^\p{Ll}]{8,}$/u', trim($one->text)) === 1);
        if ($dressed !== []) {
            $issues[] = new LayoutIssue(
                'title',
                PaperParts::places($dressed),
                'The title is plain: not bold, not in quotation marks, not in capitals.',
            );
        }

        return $issues;
    }

    /** @return list<LayoutIssue> */
    private function titlePage(PaperParts $paper): array
    {
        $first = $paper->prose[0];
        $begins = array_filter(
            $paper->text,
            static fn (Paragraph $one): bool => $one->look->breaksBefore
                && $one->place > 0 && $one->place <= $first->place,
        );
        $centred = array_filter($paper->opening, static fn (Paragraph $one): bool => $one->look->align === 'center');
        if ($begins === [] || count($centred) < 2) {
            return [new LayoutIssue(
                'title-page',
                [],
                'The paper begins with a title page: the title in bold, your name, school, course, teacher and '
                    .'date, in the middle.',
            )];
        }
        $title = array_values($centred)[0];

        return $title->look->isBold ? [] : [
            new LayoutIssue('title', [$title->place], 'The title on the title page is bold.'),
        ];
    }
}
