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
    private const SMALL = [
        'a' => true, 'an' => true, 'the' => true, 'and' => true, 'but' => true, 'for' => true, 'nor' => true,
        'or' => true, 'aboard' => true, 'about' => true, 'above' => true, 'across' => true, 'against' => true,
        'along' => true, 'alongside' => true, 'amid' => true, 'among' => true, 'amongst' => true, 'around' => true,
        'as' => true, 'at' => true, 'behind' => true, 'below' => true, 'beneath' => true, 'beside' => true,
        'besides' => true, 'between' => true, 'beyond' => true, 'by' => true, 'despite' => true, 'during' => true,
        'except' => true, 'from' => true, 'in' => true, 'inside' => true, 'into' => true, 'of' => true, 'on' => true,
        'onto' => true, 'outside' => true, 'per' => true, 'regarding' => true, 'through' => true, 'throughout' => true,
        'to' => true, 'toward' => true, 'towards' => true, 'under' => true, 'underneath' => true, 'upon' => true,
        'versus' => true, 'via' => true, 'vs' => true, 'with' => true, 'within' => true, 'without' => true,
    ];

    /** Prepositions that are adverbs or conjunctions elsewhere: small before an article or a possessive. */
    private const EITHER = [
        'after' => true, 'before' => true, 'down' => true, 'like' => true, 'near' => true, 'off' => true, 'out' => true,
        'over' => true, 'past' => true, 'since' => true, 'so' => true, 'until' => true, 'up' => true, 'yet' => true,
    ];

    private const DETERMINERS = [
        'a' => true, 'an' => true, 'the' => true, 'my' => true, 'your' => true, 'his' => true, 'her' => true,
        'its' => true, 'our' => true, 'their' => true, 'this' => true, 'that' => true, 'these' => true, 'those' => true,
    ];

    /** @param  ?string  $whole  the whole title, where this is a part of it: its capitals tell what capitals mean */
    public static function headline(string $title, ?string $whole = null): string
    {
        $isSentence = null;

        return (new TitleTokens($title))->rewrite(static function (string $word, TitleWord $place, string $next) use ($title, $whole, &$isSentence): string {
            if (Letters::isFixed($word)) {
                return $word;
            }
            $small = Letters::lower($word);
            if (isset(self::EITHER[$small]) && ! $place->isEdge()) {
                $isSentence ??= self::isSentenceCase($whole ?? $title);

                return self::either($word, $small, $next, $isSentence);
            }

            return isset(self::SMALL[$small]) && ! $place->beforeHyphen && ! $place->isEdge()
                ? $small
                : Letters::capital($word);
        });
    }

    /** A word that is a preposition before an article or a possessive, and an adverb or a conjunction elsewhere. */
    private static function either(string $word, string $small, string $next, bool $isSentence): string
    {
        $isSmall = isset(self::DETERMINERS[Letters::lower($next)])
            || $isSentence && $small !== 'so' && $small !== 'yet';

        return $isSmall ? $small : ($isSentence ? Letters::capital($small) : $word);
    }

    /** @param  ?string  $whole  the whole title, where this is a part of it: its capitals tell what capitals mean */
    public static function sentence(string $title, ?string $whole = null): string
    {
        $keep = self::isSentenceCase($whole ?? $title);

        return (new TitleTokens($title))->rewrite(static function (string $word, TitleWord $place) use ($keep): string {
            if ($place->opens) {
                return Letters::isFixed($word) ? $word : Letters::capital($word);
            }
            if ($keep || $place->opensInner || Letters::isFixed($word) || ! Letters::hasCapital($word)) {
                return $word;
            }

            return self::isName($word) ? $word : Letters::lower($word);
        });
    }

    /**
     * Whether a title already stands in sentence case, so that its capitals mean something: some principal word next to
     * the first has none.
     */
    public static function isSentenceCase(string $title): bool
    {
        // Most titles stand in headline capitals: no word in small letters but those that are always small.
        preg_match_all('/(?<![\p{L}\p{N}])\p{Ll}[\p{L}\p{N}\p{M}\'’.&]{2,}/u', $title, $words);
        if (array_diff_key(array_flip($words[0]), self::SMALL, self::EITHER) === []) {
            return false;
        }

        return (new TitleTokens($title))->any(static function (string $word, TitleWord $place): bool {
            $small = Letters::lower($word);

            return ! $place->opens && ! $place->afterHyphen && $small === $word && mb_strlen($word) > 2
                && preg_match('/^\p{L}/u', $word) === 1
                    && ! isset(self::SMALL[$small])
                    && ! isset(self::EITHER[$small]);
        });
    }

    /** A title in capitals throughout, set in headline case; its acronyms cannot be told from its words. */
    public static function fromCapitals(string $title): string
    {
        return self::headline(
            (new TitleTokens($title))->rewrite(static fn (string $word, TitleWord $place): string => preg_match(
                '/\d/',
                $word,
            ) === 1
                ? $word
                : Letters::capital(Letters::lower($word))),
        );
    }

    private static function isName(string $word): bool
    {
        if ($word === 'I' || preg_match('/^I[’\']/u', $word) === 1) {
            return true;
        }
        $small = (string) preg_replace('/[’\']s?$/u', '', Letters::lower($word));

        return mb_strlen($small) > 1 && ! Words::isCommon($small);
    }
}
