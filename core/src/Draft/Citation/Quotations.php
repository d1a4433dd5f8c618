<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\Paragraph;

/** Words quoted in a paragraph, and which citation vouches for them. Titles in quotation marks are no quotations. */
final readonly class Quotations
{
    /** Fewer words in quotation marks are a term. */
    private const FEWEST = 3;

    public function __construct(private Paragraph $paragraph)
    {
    }

    /**
     * @param  int  $start  where the citation begins, in bytes
     * @param  int  $end  where it ends
     * @param  bool  $isNarrative  whether the words may follow it
     */
    public function vouchedFor(int $start, int $end, string $sentence, bool $isNarrative): bool
    {
        if ($this->paragraph->isBlockQuotation()) {
            return true;
        }
        $text = $this->paragraph->text;
        preg_match_all('/“([^”]+)”|(?<![\p{L}\d])"([^"]+)"/u', $text, $found, PREG_OFFSET_CAPTURE | PREG_SET_ORDER);
        $from = strpos($text, $sentence, max(0, $start - strlen($sentence)));
        $from = $from === false ? 0 : $from;
        foreach ($found as $match) {
            [$whole, $at] = $match[0];
            $words = $match[2][0] ?? $match[1][0] ?? '';
            $isInSentence = $at + strlen($whole) > $from && $at < $from + strlen($sentence);
            $between = $at < $start
                ? substr($text, $at + strlen($whole), max(0, $start - $at - strlen($whole)))
                : substr($text, $end, $at - $end);
            $isOurs = ! str_contains($between, '(') && ($at < $start || $isNarrative);
            $isNext = trim($between, " \u{A0}.,;:!?…") === '';
            if (($isInSentence || $isNext) && $isOurs && self::isQuotation($words)) {
                return true;
            }
        }

        return false;
    }

    private static function isQuotation(string $words): bool
    {
        $all = preg_split('/\s+/u', trim($words)) ?: [];
        if (count($all) < self::FEWEST) {
            return false;
        }
        $long = array_filter($all, static fn (string $one): bool => mb_strlen(trim($one, '.,;:!?’‘')) > 3);
        $capital = array_filter($long, static fn (string $one): bool => preg_match('/^\p{Lu}/u', $one) === 1);

        return $long === [] || count($capital) < count($long);
    }
}
