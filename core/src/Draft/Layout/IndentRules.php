<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\Paragraph;
use Bibrel\Core\Style\PaperRules;

/** First lines set in by half an inch, by a setting and not by hand; long quotations set in whole. */
final readonly class IndentRules
{
    private const HALF_INCH = 720;

    private const NEAR = 100;

    public function __construct(private PaperRules $rules)
    {
    }

    /** @return list<LayoutIssue> */
    public function issues(PaperParts $paper): array
    {
        $issues = [];
        $byHand = array_filter(
            $paper->prose,
            static fn (Paragraph $one): bool => preg_match('/^(?:\t| {3,}|\x{A0}{2,})/u', $one->text) === 1,
        );
        if ($byHand !== []) {
            $issues[] = new LayoutIssue(
                'indent-by-hand',
                PaperParts::places($byHand),
                'The first line is set in with Tab or spaces here: a first-line indent of half an inch does it '
                    .'for good.',
            );
        }
        $flat = array_filter($paper->prose, fn (Paragraph $one): bool => ! in_array($one, $byHand, true)
            && abs($one->look->first - self::HALF_INCH) > self::NEAR && ! $this->goesOn($paper, $one));
        if ($flat !== []) {
            $issues[] = new LayoutIssue(
                'first-line',
                PaperParts::places($flat),
                'The first line of a paragraph is set in by half an inch; here it is not.',
                new Mend(PaperParts::places($flat), first: self::HALF_INCH),
            );
        }
        $long = array_filter($paper->prose, $this->holdsLongQuotation(...));
        if ($long !== []) {
            $issues[] = new LayoutIssue(
                'block-quotation',
                PaperParts::places($long),
                "A quotation of {$this->rules->blockWords} words and more stands here in the running text: it is "
                    .'set in as a block, '
                    .'half an inch from the margin and without quotation marks.',
            );
        }

        return $issues;
    }

    /** After a block quotation a paragraph may go on where it was. Abstracts are not set in either. */
    private function goesOn(PaperParts $paper, Paragraph $one): bool
    {
        $before = $paper->draft->paragraphs[$one->place - 1] ?? null;

        return $before !== null && ($before->isBlockQuotation()
            || preg_match('/^\s*abstract\s*$/i', $before->text) === 1);
    }

    private function holdsLongQuotation(Paragraph $one): bool
    {
        preg_match_all('/“([^”]{150,})”|"([^"]{150,})"/u', $one->text, $found);
        foreach ([...$found[1], ...$found[2]] as $quotation) {
            if (count(preg_split('/\s+/u', trim($quotation)) ?: []) >= $this->rules->blockWords) {
                return true;
            }
        }

        return false;
    }
}
