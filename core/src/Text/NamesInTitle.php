<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Which words of a title are names, told without its capitals meaning anything: names of several words first, then what
 * the dictionary says of each word alone, then what the words around it make of it ("Lake Victoria", "Plan B").
 *
 * Source: APA Publication Manual, 7th ed., 6.14–6.20; core/data/name-patterns.php.
 */
final class NamesInTitle
{
    /** A name that is a common word as well. */
    private const PERHAPS = NameWord::NAME | NameWord::COMMON;

    private const LOOKED_AT = NameWord::GIVEN | NameWord::GENUS;

    private readonly Names $names;

    /** @var list<string> the words in small letters, without the ending of a possessive */
    private array $small = [];

    /** @var list<int> what the dictionary says of each word, as NameWord */
    private array $flags = [];

    /** @var array<int, true> words with a capital, which may be a headline's */
    private array $hasCapital = [];

    /** @var array<int, string> */
    private array $spelled = [];

    /** @var array<int, true> */
    private array $isName = [];

    /** @var array<int, string> */
    private array $doubts = [];

    /** @param  array<string, string>  $settled  words somebody decided about, by their small letters */
    public function __construct(
        private readonly TitleTokens $tokens,
        private readonly TitleCapitals $capitals,
        private readonly array $settled,
    ) {
        $this->names = Names::all();
        $isHeadline = $capitals === TitleCapitals::Headline;
        $known = $this->names->words;
        foreach ($tokens->words as $i => $word) {
            if (ctype_alpha($word)) {
                $small = strtolower($word);
                $isShown = ! $isHeadline || $word[0] <= 'Z';
            } else {
                $small = mb_strtolower($word);
                $small = preg_match('/^(.+)[’\']s?$/u', $small, $m) === 1 ? $m[1] : $small;
                $isShown = $word[0] !== '<' && (! $isHeadline || Letters::hasCapital($word));
            }
            $this->small[] = $small;
            $this->flags[] = $isShown ? $known[$small] ?? 0 : 0;
            if ($isShown) {
                $this->hasCapital[$i] = true;
            }
        }
    }

    /** @return array<int, string> the words that are spelled otherwise, by their place */
    public function spelled(): array
    {
        if ($this->capitals !== TitleCapitals::Names) {
            $this->alone();
            if ($this->capitals === TitleCapitals::Headline) {
                $this->surroundings();
                $this->cases();
            }
            $this->others();
        }
        foreach ($this->small as $i => $small) {
            if (isset($this->settled[$small])) {
                $this->spell($i, $this->settled[$small]);
                unset($this->doubts[$i]);
            }
        }

        return $this->spelled;
    }

    /** @return list<string> words as they are written until somebody says otherwise: "Turner", "trail" */
    public function doubts(): array
    {
        return array_values(array_unique($this->doubts));
    }

    /** Names of several words, and words the dictionary knows as names and as nothing else. */
    private function alone(): void
    {
        $follows = $this->tokens->follows(...);
        $starts = $this->names->starts;
        for ($i = 0; $i <= $this->tokens->last; $i++) {
            $word = $this->tokens->words[$i];
            if (! $this->tokens->isPlain && ($word[0] === '<' || $this->tokens->opensInner($i))) {
                unset($this->hasCapital[$i]);
            }
            if (! isset($this->hasCapital[$i])) {
                continue;
            }
            $phrase = isset($starts[$this->small[$i]]) ? $this->names->phrase($this->small, $i, $follows) : [];
            if ($phrase !== [] && $this->isPlainly($phrase, $i)) {
                foreach ($phrase as $n => $spelled) {
                    $this->spell($i + $n, $spelled);
                }
                $i += count($phrase) - 1;
            } elseif ($this->capitals !== TitleCapitals::Throughout && Letters::isFixed($word)) {
                $this->isName[$i] = true;
            } elseif ($this->isKnown($this->small[$i])) {
                $this->spell($i, Letters::capital($this->small[$i]));
            }
        }
    }

    /**
     * Whether a phrase is the name here: in a title without capitals it has a word that is nothing else.
     *
     * @param  list<string>  $phrase
     */
    private function isPlainly(array $phrase, int $at): bool
    {
        if ($this->capitals !== TitleCapitals::Headline) {
            foreach ($phrase as $word) {
                if (! Words::isCommon(mb_strtolower($word))) {
                    return true;
                }
            }

            return false;
        }

        return isset($this->hasCapital[$at + count($phrase) - 1]);
    }

    /** Whether a word is a name wherever it stands. */
    private function isKnown(string $small): bool
    {
        $flags = $this->names->flags($small);
        if ($flags === 0) {
            return str_ends_with($small, 's') && ! Words::isCommon($small)
                && ($this->names->flags(
                    substr($small, 0, -1),
                ) & (NameWord::NAME | NameWord::COMMON)) === NameWord::NAME;
        }

        return ($flags & NameWord::COMMON) === 0 || ($this->names->parts[$small] ?? 0) & NamePart::NAME
            || $flags & NameWord::OFTEN && $this->capitals === TitleCapitals::Headline
                && $this->names->surroundings($small) === null;
    }

    /** What the words around a word make of it. */
    private function surroundings(): void
    {
        $parts = $this->names->parts;
        foreach ($this->hasCapital as $i => $true) {
            $part = $parts[$this->small[$i]] ?? 0;
            if (! ($part & NamePart::LOOKED_AT) && ! ($this->flags[$i] & self::LOOKED_AT)
                && ($this->flags[$i] & self::PERHAPS) !== self::PERHAPS && strlen($this->small[$i]) > 2) {
                continue;
            }
            if ($part & NamePart::SERIES) {
                $this->counted($i);
            }
            if ($part & NamePart::HEAD) {
                $this->head($i);
            }
            if ($part & NamePart::HEAD_OF) {
                $this->headOf($i);
            }
            if ($part & NamePart::DIRECTION) {
                $this->direction($i);
            }
            if ($part & NamePart::TAILS && ! isset($this->isName[$i])) {
                $this->tail($i, $part);
            }
            if ($this->flags[$i] & NameWord::GIVEN || ($this->flags[$i] & self::PERHAPS) === self::PERHAPS) {
                $this->givenName($i);
            }
            if ($this->flags[$i] & NameWord::GENUS) {
                $this->genus($i);
            }
            if (strlen($this->small[$i]) <= 2) {
                $this->initial($i);
            }
        }
    }

    /** Parts that are counted with a figure or a letter: Plan B, World War II, Apollo 11. */
    private function counted(int $i): void
    {
        $next = $this->tokens->words[$i + 1] ?? '';
        if ($next !== '' && $this->tokens->follows($i + 1) && preg_match('/^(?:\d+|[IVXLC]+|\p{Lu})$/u', $next) === 1
            && ! ($this->small[$i] === 'type' && ctype_digit($next))) {
            $this->isName[$i] = true;
            $this->isName[$i + 1] = true;
        }
    }

    /** Lake X, Queen X. */
    private function head(int $i): void
    {
        if ($this->isCapital($i + 1) && $this->isBeside($i + 1) && $this->mayBeName($i + 1)
            && ! ($this->flags[$i + 1] & NameWord::PEOPLE)) {
            $this->isName[$i] = true;
            $this->isName[$i + 1] = true;
        }
    }

    /** Battle of X, University of X. */
    private function headOf(int $i): void
    {
        $of = ($this->small[$i + 2] ?? '') === 'the' ? $i + 3 : $i + 2;
        if (($this->small[$i + 1] ?? '') === 'of' && $this->isCapital($of) && $this->mayBeName($of)) {
            $this->isName[$i] = true;
            $this->isName[$of] = true;
        }
    }

    /** West Africa: a direction before what it belongs to. */
    private function direction(int $i): void
    {
        if (isset($this->isName[$i + 1]) && $this->tokens->follows($i + 1)
            && $this->flags[$i + 1] & (NameWord::PLACE | NameWord::PEOPLE)) {
            $this->isName[$i] = true;
        }
    }

    /** X Valley, X War, X National Park. */
    private function tail(int $i, int $part): void
    {
        if ($i < 1 || ! $this->tokens->follows($i) || ! isset($this->isName[$i - 1])
            || $this->isPossessive($i - 1) || Letters::isFixed($this->tokens->words[$i - 1])) {
            return;
        }
        if ($part & ($this->flags[$i - 1] & NameWord::PEOPLE ? NamePart::TAIL_OF_PEOPLE : NamePart::TAIL)) {
            $this->isName[$i] = true;
        } elseif ($part & NamePart::BEFORE_TAIL && $this->isCapital($i + 1)
            && ($this->names->parts[$this->small[$i + 1]] ?? 0) & NamePart::LAST_TAIL) {
            $this->isName[$i] = true;
            $this->isName[$i + 1] = true;
        }
    }

    /** A genus with its species, which stands in small letters: Escherichia coli. */
    private function genus(int $i): void
    {
        $next = $this->small[$i + 1] ?? '';
        if ($next !== '' && ! $this->isCapital($i + 1) && $this->tokens->follows($i + 1) && ! Words::isCommon($next)) {
            $this->isName[$i] = true;
        }
    }

    /** A given name and a surname. */
    private function givenName(int $i): void
    {
        if (! $this->isCapital($i + 1) || ! $this->tokens->follows($i + 1) || $this->isPossessive($i)) {
            return;
        }
        $next = $this->flags[$i + 1];
        // A surname nobody knows makes a name of a common word before it as well.
        $isStrange = $next === 0
            && ! Words::isCommon($this->small[$i + 1])
            && ! Words::looksCommon($this->small[$i + 1]);
        $isName = ! ($next & NameWord::PEOPLE) && ($this->flags[$i] & NameWord::COMMON
            ? $isStrange || $next !== 0 && ! ($next & NameWord::COMMON)
            : $this->mayBeName($i + 1));
        if ($isName) {
            $this->isName[$i] = true;
            $this->isName[$i + 1] = true;
        }
    }

    /** Initials and a surname, a surname and "Jr." */
    private function initial(int $i): void
    {
        $small = $this->small[$i];
        if (($small === 'jr' || $small === 'sr') && $this->isCapital($i - 1)) {
            $this->isName[$i] = true;
            $this->isName[$i - 1] = true;
        }
        if (mb_strlen($small) === 1 && $this->isCapital($i + 1)
            && preg_match('/^\.\s?$/', $this->tokens->between[$i + 1]) === 1) {
            $this->isName[$i] = true;
            $this->isName[$i + 1] = true;
            if ($this->isCapital($i - 1) && $this->tokens->follows($i) && $this->flags[$i - 1] & NameWord::NAME) {
                $this->isName[$i - 1] = true;
            }
        }
    }

    /** The parties of a case: Brown v. Board of Education. */
    private function cases(): void
    {
        if (! in_array('v', $this->small, true)) {
            return;
        }
        foreach ($this->small as $i => $small) {
            if ($small !== 'v' || ! str_starts_with($this->tokens->between[$i + 1], '.')) {
                continue;
            }
            $this->spell($i, 'v');
            for ($left = $i - 1; $this->isCapital($left) && ! isset(HeadlineCase::SMALL[$this->small[$left]]); $left--) {
                $this->isName[$left] = true;
                if (! $this->tokens->follows($left)) {
                    break;
                }
            }
            for ($right = $i + 1; $right <= $this->tokens->last; $right++) {
                $isJoined = in_array($this->small[$right], ['of', 'the'], true) && $this->isCapital($right + 1);
                if ($right > $i + 1 && ! $this->tokens->follows($right) || ! $isJoined && ! $this->isCapital($right)) {
                    break;
                }
                $this->isName[$right] = true;
            }
        }
    }

    /** What is left: small where it is a common word or looks like one, a doubt where nobody can know. */
    private function others(): void
    {
        $isHeadline = $this->capitals === TitleCapitals::Headline;
        foreach ($this->hasCapital as $i => $true) {
            if (isset($this->isName[$i]) || isset($this->spelled[$i])) {
                continue;
            }
            $small = $this->small[$i];
            if (mb_strlen($small) === 1) {
                $this->letter($i);

                continue;
            }
            $isLooked = $this->flags[$i] !== 0 || ($this->names->parts[$small] ?? 0) & NamePart::SURROUNDED;
            if ($isHeadline && $isLooked && $this->isNameHere($i)) {
                continue;
            }
            if ($isHeadline && ($this->names->parts[$small] ?? 0) & NamePart::EITHER && $this->isAskedAbout($i)) {
                $this->doubts[$i] = $this->tokens->words[$i];
            } elseif ($this->isSpecies($i)
                || Words::isCommon($small)
                || $this->flags[$i] !== 0
                || Words::looksCommon($small)) {
                $this->spell($i, $small);
                if ($isHeadline && $this->mayClosePlace($i)) {
                    $this->doubts[$i] = $small;
                }
            } elseif ($this->capitals === TitleCapitals::Throughout) {
                $this->spell($i, mb_strlen($small) > 5 ? Letters::capital($small) : mb_strtoupper($small));
            } elseif ($isHeadline && ! $this->isPlainlyName($i)) {
                $this->doubts[$i] = $this->tokens->words[$i];
            }
        }
    }

    /** A letter is the pronoun, a name of its own, or the first part of a compound: I, vitamin D, X-ray, e-mail. */
    private function letter(int $i): void
    {
        $word = $this->tokens->words[$i];
        $small = $this->small[$i];
        if ($this->tokens->beforeHyphen($i) && ($small === 'e' || $small === 'i')) {
            $this->spell($i, $small);
        } elseif ($small === 'a' && $this->isLoose()) {
            $this->spell($i, 'a');
        } elseif ($word !== 'I' && $this->capitals === TitleCapitals::Throughout && $small === 'a') {
            $this->spell($i, 'a');
        }
    }

    /** Whether the title gives even its small words capitals. */
    private function isLoose(): bool
    {
        foreach ($this->hasCapital as $i => $true) {
            if ($i > 0
                && in_array($this->small[$i], ['of', 'the', 'and', 'in', 'to', 'for'], true)
                && ! $this->tokens->opens($i)) {
                return true;
            }
        }

        return false;
    }

    /** Whether what stands around a word that is common too makes it the name. */
    private function isNameHere(int $i): bool
    {
        $flags = $this->flags[$i];
        $around = $this->names->surroundings($this->small[$i]);
        $before = $this->small[$i - 1] ?? '';
        $after = $this->small[$i + 1] ?? '';
        if ($around === null && isset($this->names->of('families')[$this->small[$i + 1] ?? ''])) {
            return $flags !== 0 && $this->tokens->follows($i + 1);
        }
        if ($around === null) {
            return $flags & NameWord::PLACE && ($this->tokens->between[$i + 1] ?? '') === ', '
                && isset($this->isName[$i + 1]) && $this->flags[$i + 1] & NameWord::PLACE;
        }

        return match ($around['if'] ?? '') {
            'month' => isset($this->names->of('monthBefore')[$before]) && ! $this->isCapital($i + 1)
                || ctype_digit($after),
            'planet' => $before !== 'the' && array_intersect_key(
                $this->names->of('planet'),
                array_flip(array_diff($this->small, [$this->small[$i]])),
            ) !== [],
            'person' => false,
            'the' => $before === 'the',
            'group' => isset($this->names->of('groups')[$after]),
            default => ! isset($around['notBefore'][$before]) && ! isset($around['notAfter'][$after]),
        };
    }

    /** Whether a word that is common too may well be the name where it stands. */
    private function isAskedAbout(int $i): bool
    {
        $before = $this->small[$i - 1] ?? '';

        return $this->flags[$i] & NameWord::PLACE
            ? isset($this->names->of('place')[$before]) && ! $this->isCapital($i + 1)
            : ! in_array(
                $before,
                ['a', 'an', 'the', 'and', 'or', 'its', 'their', 'his', 'her', 'my', 'our', 'your'],
                true,
            );
    }

    /**
     * Whether a common word right after a place, at the end of what is said, may be a part of its name: Oregon Trail.
     */
    private function mayClosePlace(int $i): bool
    {
        return $i > 0 && isset($this->isName[$i - 1]) && $this->flags[$i - 1] & NameWord::PLACE
            && ! ($this->flags[$i - 1] & NameWord::PEOPLE)
                && ! $this->isPossessive($i - 1)
                && $this->tokens->follows($i)
            && ! $this->isCapital($i + 1) && ! str_ends_with($this->small[$i], 's')
            && ! isset(HeadlineCase::SMALL[$this->small[$i]]) && ! isset(HeadlineCase::EITHER[$this->small[$i]])
            && preg_match('/(?:ing|ion|ity|ment|ism|ed)$/', $this->small[$i]) !== 1;
    }

    /** A second word of a species that was given a capital, after its genus. */
    private function isSpecies(int $i): bool
    {
        return $i > 0 && $this->tokens->follows($i) && $this->flags[$i - 1] & NameWord::GENUS
            && ! Words::isCommon($this->small[$i]) && ! ($this->flags[$i] & NameWord::NAME);
    }

    /** Whether a word nobody knows is a name by its form or its place: Bayesian, Oake’s, in Northmere. */
    private function isPlainlyName(int $i): bool
    {
        return $this->isPossessive($i) || preg_match('/(?:ian|ean|ians|eans)$/', $this->small[$i]) === 1
            || isset($this->names->of('place')[$this->small[$i - 1] ?? '']) && ! $this->isCapital($i + 1);
    }

    private function mayBeName(int $i): bool
    {
        return isset($this->isName[$i]) || $this->flags[$i] !== 0
            || ! Words::isCommon($this->small[$i]) && ! Words::looksCommon($this->small[$i]);
    }

    private function isCapital(int $i): bool
    {
        return isset($this->hasCapital[$i]);
    }

    /** Whether a word stands right after another, or after its abbreviation: St. Ives. */
    private function isBeside(int $i): bool
    {
        return $this->tokens->follows($i) || $this->tokens->between[$i] === '. ';
    }

    private function isPossessive(int $i): bool
    {
        return mb_strlen($this->tokens->words[$i]) > mb_strlen($this->small[$i]);
    }

    /** Spells a word another way, with the ending of its possessive. */
    private function spell(int $i, string $spelled): void
    {
        $word = $this->tokens->words[$i];
        $ending = mb_substr($word, mb_strlen($this->small[$i]));
        $this->spelled[$i] = $spelled
            .($this->capitals === TitleCapitals::Throughout ? mb_strtolower($ending) : $ending);
        if ($spelled !== $this->small[$i]) {
            $this->isName[$i] = true;
        }
    }
}
