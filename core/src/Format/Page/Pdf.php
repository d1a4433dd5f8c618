<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\Pdf\LineBreaker;
use Bibrel\Core\Format\Pdf\Paragraph;
use Bibrel\Core\Format\Pdf\SheetFiller;
use Bibrel\Core\Format\Pdf\TaggedPdf;
use Bibrel\Core\Format\Stretch;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\RunningHead;

/**
 * A PDF with embedded faces, title, language and logical structure. Lengths are in points, 72 to the inch.
 *
 * TCPDF writes it: of the writers in PHP it embeds and subsets faces, brings one with the measures of Times that covers
 * many scripts (FreeSerif), is quick for long pages, and can be taught the structure none of them writes by itself.
 */
final class Pdf implements PageFormat
{
    private const INCH = 72.0;

    private const SIZE = 12.0;

    /** Double spacing of Times. */
    private const LINE = 27.6;

    private const FACE = 'freeserif';

    public function id(): string
    {
        return 'pdf';
    }

    public function label(): string
    {
        return 'PDF';
    }

    public function mediaType(): string
    {
        return 'application/pdf';
    }

    public function rank(): int
    {
        return 12;
    }

    /** @throws Unreadable where the core stands without its libraries */
    public function write(Page $page, PageSetup $setup): string
    {
        if (! class_exists(\TCPDF::class)) {
            throw new Unreadable(
                'A PDF wants the libraries of core/composer.json: run composer install, or take another format.',
            );
        }
        $width = $setup->paper->textWidth() / 20;
        $pdf = self::document($setup, $setup->title ?: $page->heading);
        $paragraphs = self::paragraphs($page, $pdf, $width);
        $filler = new SheetFiller((int) floor(($setup->paper->height() / 20 - 2 * self::INCH) / self::LINE));
        $places = $filler->places(array_map(static fn (Paragraph $one): int => count($one->lines), $paragraphs));
        $sheets = -1;
        foreach ($paragraphs as $i => $paragraph) {
            $element = $pdf->element($paragraph->isHeading ? 'H1' : 'P');
            foreach ($paragraph->lines as $n => $line) {
                [$sheet, $at] = $places[$i][$n];
                if ($sheet > $sheets) {
                    $pdf->AddPage();
                    self::head($pdf, $setup->head, $setup->firstPage + $sheet, $width);
                    $sheets = $sheet;
                }
                $isBold = $paragraph->isHeading && $page->headingIsBold;
                $indent = $paragraph->isHeading
                    ? max(0, ($width - self::widthOf($pdf, $line, $isBold)) / 2)
                    : $paragraph->indent($n);
                $pdf->setXY(self::INCH + $indent, self::INCH + $at * self::LINE);
                self::line($pdf, $line, $element, $isBold);
            }
        }

        return $pdf->Output('', 'S');
    }

    private static function document(PageSetup $setup, string $title): TaggedPdf
    {
        $pdf = new TaggedPdf($setup->paper->width() / 20, $setup->paper->height() / 20);
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setMargins(0, 0, 0);
        $pdf->setCellPadding(0);
        $pdf->setFontSubsetting(true);
        $pdf->setTitle($title);
        $pdf->setCreator('Bibrel');
        $pdf->setLanguageArray(['a_meta_charset' => 'UTF-8', 'a_meta_dir' => 'ltr', 'a_meta_language' => 'en-US']);
        $pdf->setViewerPreferences(['DisplayDocTitle' => true]);
        $pdf->setFont(self::FACE, '', self::SIZE);

        return $pdf;
    }

    /** @return list<Paragraph> */
    private static function paragraphs(Page $page, TaggedPdf $pdf, float $width): array
    {
        // Most words of a page come more than once.
        $widths = [];
        $breaker = new LineBreaker(static function (Stretch $one) use ($pdf, &$widths): float {
            return $widths[(int) $one->italic.$one->text] ??= self::widthOf($pdf, [$one]);
        });
        $paragraphs = [new Paragraph($breaker->lines([new Stretch($page->heading)], $width, $width), isHeading: true)];
        [$hanging, $indent] = [self::INCH / 2, self::INCH * $page->annotationIndent];
        foreach ($page->entries as $entry) {
            $lines = $breaker->lines(Stretch::ofEntry($page, $entry), $width, $width - $hanging);
            $paragraphs[] = new Paragraph($lines, 0, $hanging);
            foreach ($entry->annotation() as $text) {
                $lines = $breaker->lines([new Stretch($text)], $width - $indent, $width - $indent);
                $paragraphs[] = new Paragraph($lines, $indent, $indent);
            }
        }

        return $paragraphs;
    }

    private static function head(TaggedPdf $pdf, RunningHead $head, int $number, float $width): void
    {
        $right = $head->atLeft || $head->text === '' ? (string) $number : "{$head->text} {$number}";
        $pdf->beginArtifact();
        $pdf->setFont(self::FACE, '', self::SIZE);
        $pdf->setXY(self::INCH, self::INCH / 2);
        if ($head->atLeft) {
            $pdf->Cell($width, 0, $head->text);
            $pdf->setX(self::INCH);
        }
        $pdf->Cell($width, 0, $right, 0, 0, 'R');
        $pdf->end();
    }

    /**
     * From where the pen stands.
     *
     * @param  list<Stretch>  $line
     */
    private static function line(TaggedPdf $pdf, array $line, int $element, bool $isBold): void
    {
        foreach ($line as $stretch) {
            $pdf->setFont(self::FACE, self::look($stretch, $isBold), self::SIZE);
            $width = self::widthOf($pdf, [$stretch], $isBold);
            $pdf->begin($element, $stretch->language);
            $pdf->Cell($width, self::LINE, $stretch->plain(), 0, 0, 'L', false, $stretch->link, 0, true, 'T', 'C');
            $pdf->end();
        }
    }

    /** @param  list<Stretch>  $line */
    private static function widthOf(TaggedPdf $pdf, array $line, bool $isBold = false): float
    {
        $width = 0.0;
        foreach ($line as $one) {
            $width += (float) $pdf->GetStringWidth($one->plain(), self::FACE, self::look($one, $isBold), self::SIZE);
        }

        return $width;
    }

    private static function look(Stretch $stretch, bool $isBold): string
    {
        return ($isBold ? 'B' : '').($stretch->italic ? 'I' : '');
    }
}
