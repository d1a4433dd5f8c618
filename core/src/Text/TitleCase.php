<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * The letter case of English titles: headline case (MLA: principal words, both ends and each part of a compound) and
 * sentence case (APA: the first word of title and subtitle, and names).
 *
 * Source: MLA Handbook, 9th ed., 2.90 and 2.95; APA Publication Manual, 7th ed., 6.17.
 */
final class TitleCase
{
    private const SMALL = ['a', 'an', 'the', 'and', 'but', 'for', 'nor', 'or', 'aboard', 'about', 'above', 'across', 'against', 'along', 'alongside', 'amid', 'among', 'amongst', 'around', 'as', 'at', 'behind', 'below', 'beneath', 'beside', 'besides', 'between', 'beyond', 'by', 'despite', 'during', 'except', 'from', 'in', 'inside', 'into', 'of', 'on', 'onto', 'outside', 'per', 'regarding', 'through', 'throughout', 'to', 'toward', 'towards', 'under', 'underneath', 'upon', 'versus', 'via', 'vs', 'with', 'within', 'without'];

    /** Prepositions that are adverbs or conjunctions elsewhere: small before an article or a possessive. */
    private const EITHER = ['after', 'before', 'down', 'like', 'near', 'off', 'out', 'over', 'past', 'since', 'so', 'until', 'up', 'yet'];

    private const DETERMINERS = ['a', 'an', 'the', 'my', 'your', 'his', 'her', 'its', 'our', 'their', 'this', 'that', 'these', 'those'];

    /** @param  ?bool  $inSentenceCase whether the whole title, of which this is a part, stands in sentence case already */
    public static function headline(string $title, ?bool $inSentenceCase = null): string
    {
        $inSentenceCase ??= self::isSentenceCase($title);

        return TitleTokens::rewrite($title, static function (string $word, TitleWord $place) use ($inSentenceCase): string {
            if (Letters::isFixed($word)) {
                return $word;
            }
            $small = mb_strtolower($word);
            if ($place->opens || $place->opensInner || $place->closes) {
                return Letters::capital($word);
            }
            if (in_array($small, self::SMALL, true) && ! $place->beforeHyphen) {
                return $small;
            }
            if (in_array($small, self::EITHER, true)) {
                $preposition = in_array(mb_strtolower($place->next), self::DETERMINERS, true);

                return $preposition || ($inSentenceCase && $small !== 'so' && $small !== 'yet') ? $small : ($inSentenceCase ? Letters::capital($small) : $word);
            }

            return Letters::capital($word);
        });
    }

    /** @param  ?bool  $keep whether the whole title, of which this is a part, stands in sentence case already */
    public static function sentence(string $title, ?bool $keep = null): string
    {
        $keep ??= self::isSentenceCase($title);

        return TitleTokens::rewrite($title, static function (string $word, TitleWord $place) use ($keep): string {
            if ($place->opens) {
                return Letters::isFixed($word) ? $word : Letters::capital($word);
            }
            if ($keep || $place->opensInner || Letters::isFixed($word) || ! Letters::hasCapital($word)) {
                return $word;
            }

            return self::isName($word) ? $word : mb_strtolower($word);
        });
    }

    /**
     * Whether a title already stands in sentence case, so that its capitals mean something: some principal word beside
     * the first has none.
     */
    public static function isSentenceCase(string $title): bool
    {
        $lower = false;
        TitleTokens::rewrite($title, static function (string $word, TitleWord $place) use (&$lower): string {
            $small = mb_strtolower($word);
            if (! $place->opens && ! $place->afterHyphen && $small === $word && mb_strlen($word) > 2 && preg_match('/^\p{L}/u', $word) === 1
                && ! in_array($small, self::SMALL, true) && ! in_array($small, self::EITHER, true)) {
                $lower = true;
            }

            return $word;
        });

        return $lower;
    }

    /** A title in capitals throughout, set in headline case; its acronyms cannot be told from its words. */
    public static function fromCapitals(string $title): string
    {
        return self::headline(TitleTokens::rewrite($title, static fn (string $word, TitleWord $place): string => preg_match('/\d/', $word) === 1 ? $word : Letters::capital(mb_strtolower($word))));
    }

    private static function isName(string $word): bool
    {
        if ($word === 'I' || preg_match('/^I[’\']/u', $word) === 1) {
            return true;
        }
        $small = (string) preg_replace('/[’\']s?$/u', '', mb_strtolower($word));

        return mb_strlen($small) > 1 && ! Words::isCommon($small);
    }
}
