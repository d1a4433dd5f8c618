<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;

/** Where the sentences of a paragraph begin; offsets are in bytes. */
final readonly class Sentences
{
    /** @var list<int> */
    private array $starts;

    public function __construct(string $text)
    {
        $abbreviated = '/(?:\b'.DraftWords::all()->pattern('abbreviations').'|\b\p{Lu})\.$/u';
        $starts = [0];
        preg_match_all('/[.!?…]["”’\')\]]*\s+(?=["“‘(\[]*[\p{Lu}\d])/u', $text, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$mark, $at]) {
            $before = substr($text, max(0, $at - 12), min(12, $at) + 1);
            if ($mark[0] !== '.' || strlen(rtrim($mark)) > 1
                || preg_match($abbreviated, mb_scrub($before)) !== 1) {
                $starts[] = $at + strlen($mark);
            }
        }
        $this->starts = $starts;
    }

    /** Where the sentence begins that a place stands in. */
    public function startOf(int $offset): int
    {
        $start = 0;
        foreach ($this->starts as $one) {
            if ($one > $offset) {
                break;
            }
            $start = $one;
        }

        return $start;
    }

    /** Where the next sentence begins; PHP_INT_MAX after the last. */
    public function endOf(int $offset): int
    {
        foreach ($this->starts as $one) {
            if ($one > $offset) {
                return $one;
            }
        }

        return PHP_INT_MAX;
    }
}
