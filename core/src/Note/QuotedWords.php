<?php

declare(strict_types=1);

namespace Bibrel\Core\Note;

/**
 * A quotation held against the text it is from. What was left out is marked by points, what was changed by square
 * brackets; between them every word has to stand as it does in the source.
 */
final readonly class QuotedWords
{
    /** Words told before and at the place where it departs. */
    private const TOLD = 6;

    /** @param  string  $quotation  as the student has it */
    public function __construct(private string $quotation)
    {
    }

    /**
     * The words at which it departs from the text; null where it does not.
     *
     * @param  string  $text  all there is of the source
     */
    public function departure(string $text): ?string
    {
        $there = self::plain($text);
        $from = 0;
        foreach ($this->pieces() as $piece) {
            $at = self::find($there, $piece, $from);
            if ($at === null) {
                return self::firstDifference($there, $piece);
            }
            $from = $at + strlen($piece);
        }

        return null;
    }

    /** @return list<string> the stretches that have to stand in the source, in their order */
    private function pieces(): array
    {
        $marked = (string) preg_replace(
            ['/\[(?:\.\s?\.\s?\.|…)\]|(?:\.\s?){3,4}|…/u', '/\[[^\]]*\]/u'],
            "\u{E000}",
            $this->quotation,
        );

        return array_values(array_filter(
            array_map(static fn (string $one): string => trim(self::plain($one)), explode("\u{E000}", $marked)),
            static fn (string $one): bool => preg_match('/[\p{L}\p{N}]/u', $one) === 1,
        ));
    }

    /** The text with one kind of space, dash and quotation mark. */
    private static function plain(string $text): string
    {
        $text = strtr($text, [
            '“' => '"', '”' => '"', '„' => '"', '«' => '"', '»' => '"', '‘' => "'", '’' => "'", '–' => '-', '—' => '-',
            '‐' => '-', "\u{AD}" => '',
        ]);
        // Quotation marks within one become single ones.
        $text = str_replace('"', "'", $text);

        return trim((string) preg_replace(['/\s*-\s*/u', '/\s+/u'], ['-', ' '], $text));
    }

    private static function find(string $there, string $piece, int $from): ?int
    {
        // The stop at a quotation's end may be the student's.
        $wanted = rtrim($piece, '.,;: ');
        $at = strpos($there, $wanted, min($from, strlen($there)));

        return $at === false ? null : $at;
    }

    /** As many of its words as stand in the text, and the one that does not. */
    private static function firstDifference(string $there, string $piece): string
    {
        $words = explode(' ', $piece);
        $known = 0;
        for ($count = count($words); $count > 0; $count--) {
            if (str_contains($there, implode(' ', array_slice($words, 0, $count)))) {
                $known = $count;
                break;
            }
        }
        $from = max(0, $known - self::TOLD);

        return implode(' ', array_slice($words, $from, $known - $from + 1));
    }
}
