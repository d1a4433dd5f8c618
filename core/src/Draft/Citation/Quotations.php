<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\Paragraph;

/** Words quoted in a paragraph, and which citation vouches for them. Titles in quotation marks are no quotations. */
final readonly class Quotations
{
    /** Fewer words in quotation marks are a term. */
    private const FEWEST = 3;

    private const MARKED = '/“([^”]+)”|(?<![\p{L}\d])"([^"]+)"/u';

    public function __construct(private Paragraph $paragraph, private string $sentence)
    {
    }

    /**
     * @param  int  $start  where the citation begins, in bytes
     * @param  int  $end  where it ends
     * @param  bool  $isNarrative  whether the words may follow it
     */
    public function areVouchedFor(int $start, int $end, bool $isNarrative): bool
    {
        if ($this->paragraph->isBlockQuotation()) {
            return true;
        }
        foreach ($this->all() as [$from, $to]) {
            $between = $from < $start ? $this->between($to, $start) : $this->between($end, $from);
            $isOurs = ! str_contains($between, '(') && ($from < $start || $isNarrative);
            if ($isOurs && (self::isNothing($between) || $this->isInSentence($from, $to, $start))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{int, int}> where each begins and ends */
    private function all(): array
    {
        preg_match_all(self::MARKED, $this->paragraph->text, $found, PREG_OFFSET_CAPTURE);
        $all = [];
        foreach ($found[0] as [$whole, $at]) {
            if (self::isQuotation(trim($whole, '“”"'))) {
                $all[] = [$at, $at + strlen($whole)];
            }
        }

        return $all;
    }

    private function between(int $from, int $to): string
    {
        return substr($this->paragraph->text, $from, max(0, $to - $from));
    }

    private static function isNothing(string $between): bool
    {
        return trim($between, " \u{A0}.,;:!?…") === '';
    }

    private function isInSentence(int $from, int $to, int $citation): bool
    {
        $earliest = max(0, $citation - strlen($this->sentence));
        $begin = (int) strpos($this->paragraph->text, $this->sentence, $earliest);

        return $to > $begin && $from < $begin + strlen($this->sentence);
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
