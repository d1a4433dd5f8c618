<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * The language of a title that is plainly not English: an entry keeps the capitals such titles have. Told by the small
 * words of the languages the vocabulary knows; the rest counts as English.
 */
final readonly class TitleLanguage
{
    private const ENGLISH = '/(?<![\p{L}’\'-])(?:the|of|and|an|for|with|to|on|is|are|from|by|how|what|why|at|its|as)(?![\p{L}’\'-])/iu';

    public function __construct(private string $title)
    {
    }

    /** @return string a code of two letters; '' for English and what cannot be told */
    public function code(): string
    {
        $title = str_contains($this->title, '<') ? (new Markup($this->title))->plain() : $this->title;
        if (preg_match(self::ENGLISH, $title) === 1) {
            return '';
        }
        $words = preg_split('/[^\p{L}’\']+|(?<=\b[\p{L}]{1}[’\'])/u', mb_strtolower($title), -1, PREG_SPLIT_NO_EMPTY)
            ?: [];
        $words = str_replace('’', "'", $words);
        $lists = Vocabulary::all()->byLanguage('small');
        $small = array_map(static fn (array $own): int => count(array_intersect($words, $own)), $lists);
        arsort($small);
        $best = (string) array_key_first($small);
        if (($small[$best] ?? 0) === 0) {
            return '';
        }
        $all = array_unique(array_merge(...array_values($lists)));
        $others = array_filter(array_diff($words, $all), static fn (string $word): bool => mb_strlen($word) > 2);
        $strange = array_filter($others, static fn (string $word): bool => ! Words::isCommon($word)
            && Names::all()->flags($word) === 0);

        // A name in an English title has small words of its own; the other words tell.
        return $strange !== [] && (2 * count($strange) > count($others) || $small[$best] > 1) ? $best : '';
    }
}
