<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Pdf;

use Bibrel\Core\Format\Stretch;
use Bibrel\Core\Text\AddressBreaks;

/**
 * Breaks the text of a paragraph into lines, as many words in each as go into it. A line may end after a space, after a
 * dash or hyphen between letters, and at the marks in an address; what is longer than a line breaks anywhere.
 */
final readonly class LineBreaker
{
    private const PLACES = '/(?<= )|(?<=\p{L}[-–—])(?=[\p{L}“])|(?<='.AddressBreaks::MARK.')/u';

    /** @param  \Closure(Stretch): float  $measure  the width of what stands in one line */
    public function __construct(private \Closure $measure)
    {
    }

    /**
     * @param  list<Stretch>  $text
     * @param  float  $first  the width of the first line, in what the measure measures in
     * @param  float  $others  the width of the others
     * @return list<list<Stretch>>
     */
    public function lines(array $text, float $first, float $others): array
    {
        $lines = [];
        $line = [];
        $room = $first;
        foreach ($this->words($text) as $word) {
            // A space at the end of a line takes no room.
            if ($line !== [] && $this->width($word, isAtEnd: true) > $room) {
                $lines[] = self::joined(self::trimmed($line));
                $line = [];
                $room = $others;
            }
            foreach ($this->pieces($word, $room) as $i => $piece) {
                if ($i > 0) {
                    $lines[] = self::joined(self::trimmed($line));
                    $line = [];
                    $room = $others;
                }
                array_push($line, ...$piece);
                $room -= $this->width($piece);
            }
        }

        return $line === [] ? $lines : [...$lines, self::joined(self::trimmed($line))];
    }

    /**
     * @param  list<Stretch>  $text
     * @return list<list<Stretch>> what no line may break within
     */
    private function words(array $text): array
    {
        $words = [];
        $isOpen = false;
        foreach ($text as $stretch) {
            foreach (preg_split(self::PLACES, $stretch->text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $i => $part) {
                $one = self::withText($stretch, $part);
                // Within a stretch every part begins a word; from one stretch to the next a space must part them.
                if ($i === 0 && $isOpen) {
                    $one = [...array_pop($words) ?? [], $one];
                } else {
                    $one = [$one];
                }
                $words[] = $one;
                $isOpen = preg_match('/ $|'.AddressBreaks::MARK.'$/u', $part) !== 1;
            }
        }

        return $words;
    }

    /**
     * @param  list<Stretch>  $word
     * @return list<list<Stretch>> the word, or parts of it where it is longer than a line
     */
    private function pieces(array $word, float $room): array
    {
        if ($this->width($word, isAtEnd: true) <= $room) {
            return [$word];
        }
        $pieces = [];
        $piece = [];
        foreach ($word as $stretch) {
            foreach (mb_str_split($stretch->text) as $letter) {
                $one = self::withText($stretch, $letter);
                if ($piece !== [] && $this->width([...$piece, $one]) > $room) {
                    $pieces[] = $piece;
                    $piece = [];
                }
                $piece[] = $one;
            }
        }

        return [...$pieces, $piece];
    }

    /** @param  list<Stretch>  $word */
    private function width(array $word, bool $isAtEnd = false): float
    {
        $width = 0.0;
        foreach ($isAtEnd ? self::trimmed($word) : $word as $stretch) {
            $width += ($this->measure)($stretch);
        }

        return $width;
    }

    /**
     * @param  list<Stretch>  $line
     * @return list<Stretch> without the spaces at its end
     */
    private static function trimmed(array $line): array
    {
        while ($line !== []) {
            $last = array_pop($line);
            $text = rtrim($last->text, ' ');
            if ($text !== '') {
                return [...$line, self::withText($last, $text)];
            }
        }

        return [];
    }

    /**
     * @param  list<Stretch>  $line
     * @return list<Stretch> with those that look and lead alike in one
     */
    private static function joined(array $line): array
    {
        $joined = [];
        foreach ($line as $one) {
            $last = array_pop($joined);
            if ($last !== null && self::withText($last, '') == self::withText($one, '')) {
                $joined[] = self::withText($one, $last->text.$one->text);
            } else {
                array_push($joined, ...array_filter([$last, $one]));
            }
        }

        return $joined;
    }

    private static function withText(Stretch $of, string $text): Stretch
    {
        return new Stretch($text, $of->italic, $of->link, $of->language);
    }
}
