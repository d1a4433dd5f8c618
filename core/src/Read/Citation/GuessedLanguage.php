<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Text\Vocabulary;
use Bibrel\Core\Text\Words;

/**
 * The language of a title that is plainly not English: an entry keeps the capitals such titles have. Told by the small
 * words of four languages; the rest counts as English.
 */
final readonly class GuessedLanguage
{
    public function __construct(private string $title)
    {
    }

    /** @return string a code of two letters; '' for English and what cannot be told */
    public function code(): string
    {
        $words = preg_split('/[^\p{L}’\']+/u', mb_strtolower($this->title), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $lists = Vocabulary::all()->byLanguage('small');
        $small = array_map(static fn (array $own): int => count(array_intersect($words, $own)), $lists);
        $all = array_unique(array_merge(...array_values($lists)));
        $others = array_filter(array_diff($words, $all), static fn (string $word): bool => mb_strlen($word) > 2);
        $strange = array_filter($others, static fn (string $word): bool => ! Words::isCommon($word));
        arsort($small);
        $best = (string) array_key_first($small);

        // A name in an English title has small words of its own; the other words tell.
        return $small[$best] > 0
            && $strange !== []
            && (2 * count($strange) > count($others) || $small[$best] > 1)
            && ! array_intersect($words, ['the', 'of', 'and', 'an', 'for', 'with', 'to', 'on'])
            ? $best
            : '';
    }
}
