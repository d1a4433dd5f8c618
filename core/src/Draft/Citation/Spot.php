<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\Paragraph;

/** A pair of parentheses where it stands in a paragraph; offsets are in bytes. */
final readonly class Spot
{
    /** What stands between the parentheses. */
    public string $inside;

    public string $before;

    public string $after;

    public string $sentence;

    /** The sentence up to the parentheses. */
    public string $opening;

    public function __construct(
        public Paragraph $paragraph,
        Sentences $sentences,
        private int $start,
        private int $length,
    ) {
        $text = $paragraph->text;
        $from = $sentences->startOf($start);
        $this->inside = trim(substr($text, $start + 1, $length - 2));
        $this->before = substr($text, 0, $start);
        $this->after = substr($text, $start + $length);
        $this->sentence = substr($text, $from, min($sentences->endOf($start), strlen($text)) - $from);
        $this->opening = substr($text, $from, $start - $from);
    }

    /**
     * The citation in the parentheses alone.
     *
     * @param  list<Cite>  $cites
     */
    public function cited(array $cites): Found
    {
        $text = substr($this->paragraph->text, $this->start, $this->length);

        return $this->found($this->start, $text, $cites, isNarrative: false);
    }

    /**
     * The citation with a name in the sentence, which stands right before it unless other words stand between.
     *
     * @param  string  $name  as it stands: "Brook’s"
     * @param  list<Cite>  $cites
     */
    public function citedBy(string $name, array $cites, bool $isApart = false): Found
    {
        $bare = self::bare($name);
        $named = array_map(static fn (Cite $one): Cite => $one->by($bare), $cites);
        $gap = rtrim($this->before);
        if ($isApart && ! str_ends_with($gap, $name)) {
            $inside = substr($this->paragraph->text, $this->start, $this->length);

            return $this->found($this->start, "{$bare} {$inside}", $named, isNarrative: true);
        }
        $from = strlen($gap) - strlen($name);
        $text = substr($this->paragraph->text, $from, $this->start + $this->length - $from);

        return $this->found($from, $text, $named, isNarrative: true);
    }

    /** A name without what makes it a possessive. */
    public static function bare(string $name): string
    {
        return (string) preg_replace('/[’\']s?$/u', '', $name);
    }

    /** @param  list<Cite>  $cites */
    private function found(int $from, string $text, array $cites, bool $isNarrative): Found
    {
        $end = $this->start + $this->length;
        $quotations = new Quotations($this->paragraph, $this->sentence);

        return new Found(
            $this->paragraph,
            $from,
            $end - $from,
            $text,
            $cites,
            $this->sentence,
            $quotations->areVouchedFor($this->start, $end, $isNarrative),
        );
    }
}
