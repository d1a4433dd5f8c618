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
    private readonly Names $names;

    /** @var list<string> the words in small letters, without the ending of a possessive */
    private array $small = [];

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
        foreach ($tokens->words as $i => $word) {
            $small = Letters::lower($word);
            $this->small[$i] = preg_match('/^(.+)[’\']s?$/u', $small, $m) === 1 ? $m[1] : $small;
            $isShown = $capitals === TitleCapitals::Headline ? Letters::hasCapital($word) : $word[0] !== '<';
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
                $this->counted();
                $this->afterHeads();
                $this->beforeTails();
                $this->people();
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

    /** @return list<string> */
    public function doubts(): array
    {
        return array_values(array_unique($this->doubts));
    }

    /** Names of several words, and words the dictionary knows as names and as nothing else. */
    private function alone(): void
    {
        $follows = $this->tokens->follows(...);
        for ($i = 0; $i <= $this->tokens->last; $i++) {
            $word = $this->tokens->words[$i];
            if ($word[0] === '<') {
                $this->isName[$i] = true;
            }
            if (! isset($this->hasCapital[$i])) {
                continue;
            }
            $phrase = $this->names->phrase($this->small, $i, $follows);
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

    /** Whether a phrase is the name here: in a title without capitals it has a word that is nothing else. */
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
                && ($this->names->flags(substr($small, 0, -1)) & (NameWord::NAME | NameWord::COMMON)) === NameWord::NAME;
        }

        return ($flags & NameWord::COMMON) === 0
            || $flags & NameWord::OFTEN && $this->capitals === TitleCapitals::Headline
                && $this->names->surroundings($small) === null;
    }

    /** Parts that are counted with a figure or a letter: Plan B, World War II, Apollo 11. */
    private function counted(): void
    {
        $series = $this->names->of('series');
        foreach ($this->hasCapital as $i => $true) {
            $next = $this->tokens->words[$i + 1] ?? '';
            if (! isset($series[$this->small[$i]]) || ! $this->tokens->follows($i + 1)
                || preg_match('/^(?:\d+|[IVXLC]+|\p{Lu})$/u', $next) !== 1
                || $this->small[$i] === 'type' && ctype_digit($next)) {
                continue;
            }
            $this->isName[$i] = true;
            $this->isName[$i + 1] = true;
        }
    }

    /** Lake X, Queen X, Battle of X, and north of what a direction belongs to: West Africa. */
    private function afterHeads(): void
    {
        [$heads, $headsOf, $directions] = [
            $this->names->of('heads'), $this->names->of('headsOf'), $this->names->of('directions'),
        ];
        foreach ($this->hasCapital as $i => $true) {
            $small = $this->small[$i];
            if (isset($heads[$small]) && $this->isCapital($i + 1) && $this->isBeside($i + 1)
                && $this->mayBeName($i + 1) && ! ($this->flags($i + 1) & NameWord::PEOPLE)) {
                $this->isName[$i] = true;
                $this->isName[$i + 1] = true;
            } elseif (isset($headsOf[$small]) && ($this->small[$i + 1] ?? '') === 'of') {
                $of = ($this->small[$i + 2] ?? '') === 'the' ? $i + 3 : $i + 2;
                if ($this->isCapital($of) && $this->mayBeName($of)) {
                    $this->isName[$i] = true;
                    $this->isName[$of] = true;
                }
            } elseif ($this->flags($i) & NameWord::GENUS && $i < $this->tokens->last && ! $this->isCapital($i + 1)
                && $this->tokens->follows($i + 1) && ! Words::isCommon($this->small[$i + 1])) {
                $this->isName[$i] = true;
            } elseif (isset($directions[$small]) && $this->tokens->last > $i && $this->tokens->follows($i + 1)
                && isset($this->isName[$i + 1])
                && $this->flags($i + 1) & (NameWord::PLACE | NameWord::PEOPLE)) {
                $this->isName[$i] = true;
            }
        }
    }

    /** X Valley, X War, X National Park. */
    private function beforeTails(): void
    {
        [$tails, $ofPeoples] = [$this->names->of('tails'), $this->names->of('tailsOfPeoples')];
        foreach ($this->hasCapital as $i => $true) {
            if ($i === 0 || isset($this->isName[$i]) || ! $this->tokens->follows($i) || ! isset($this->isName[$i - 1])
                || $this->isPossessive($i - 1) || Letters::isFixed($this->tokens->words[$i - 1])) {
                continue;
            }
            $small = $this->small[$i];
            $own = $this->flags($i - 1) & NameWord::PEOPLE ? $ofPeoples : $tails;
            if (isset($own[$small])) {
                $this->isName[$i] = true;
            } elseif (in_array($small, ['civil', 'national', 'state', 'world', 'peace', 'high'], true)
                && $this->isCapital($i + 1) && in_array(
                    $this->small[$i + 1],
                    ['war', 'park', 'university', 'forest', 'monument', 'treaty', 'accord', 'prize', 'fair'],
                    true,
                )) {
                $this->isName[$i] = true;
                $this->isName[$i + 1] = true;
            }
        }
    }

    /** A given name and a surname, initials and a surname, a surname and "Jr." */
    private function people(): void
    {
        foreach ($this->hasCapital as $i => $true) {
            $small = $this->small[$i];
            if (($small === 'jr' || $small === 'sr') && $this->isCapital($i - 1)) {
                $this->isName[$i] = true;
                $this->isName[$i - 1] = true;
            }
            if (! $this->isCapital($i + 1)) {
                continue;
            }
            if (mb_strlen($this->tokens->words[$i]) === 1 && preg_match('/^\.\s?$/', $this->tokens->between[$i + 1]) === 1) {
                $this->isName[$i] = true;
                $this->isName[$i + 1] = true;
                if ($this->isCapital($i - 1) && $this->tokens->follows($i) && $this->flags($i - 1) & NameWord::NAME) {
                    $this->isName[$i - 1] = true;
                }
            }
            $flags = $this->flags($i);
            if ($flags & NameWord::GIVEN && $this->tokens->follows($i + 1) && ! $this->isPossessive($i)) {
                $next = $this->flags($i + 1);
                $isName = $next & NameWord::PEOPLE ? false : (
                    $flags & NameWord::COMMON ? $next !== 0 && ! ($next & NameWord::COMMON) : $this->mayBeName($i + 1)
                );
                if ($isName) {
                    $this->isName[$i] = true;
                    $this->isName[$i + 1] = true;
                }
            }
        }
    }

    /** The parties of a case: Brown v. Board of Education. */
    private function cases(): void
    {
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
            if ($isHeadline && $this->isNameHere($i)) {
                continue;
            }
            if ($this->isSpecies($i) || Words::isCommon($small) || $this->flags($i) !== 0 || Words::looksCommon($small)) {
                $this->spell($i, $small);
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
            if ($i > 0 && in_array($this->small[$i], ['of', 'the', 'and', 'in', 'to', 'for'], true) && ! $this->tokens->opens($i)) {
                return true;
            }
        }

        return false;
    }

    /** Whether what stands around a word that is common too makes it the name. */
    private function isNameHere(int $i): bool
    {
        $flags = $this->flags($i);
        if ($flags === 0) {
            return false;
        }
        $around = $this->names->surroundings($this->small[$i]);
        $before = $this->small[$i - 1] ?? '';
        $after = $this->small[$i + 1] ?? '';
        if ($around === null) {
            return $flags & NameWord::PLACE && ($this->tokens->between[$i + 1] ?? '') === ', '
                && isset($this->isName[$i + 1]) && $this->flags($i + 1) & NameWord::PLACE;
        }

        return match ($around['if'] ?? '') {
            'month' => isset($this->names->of('monthBefore')[$before]) && ! $this->isCapital($i + 1)
                || ctype_digit($after),
            'planet' => $before !== 'the' && array_intersect_key(
                $this->names->of('planet'),
                array_flip(array_diff($this->small, [$this->small[$i]])),
            ) !== [],
            'person' => false,
            default => ! isset($around['notBefore'][$before]) && ! isset($around['notAfter'][$after]),
        };
    }

    /** A second word of a species that was given a capital, after its genus. */
    private function isSpecies(int $i): bool
    {
        return $i > 0 && $this->tokens->follows($i) && $this->flags($i - 1) & NameWord::GENUS
            && ! Words::isCommon($this->small[$i]) && ! ($this->flags($i) & NameWord::NAME);
    }

    /** Whether a word nobody knows is a name by its form or its place: Bayesian, Oake’s, in Northmere. */
    private function isPlainlyName(int $i): bool
    {
        return $this->isPossessive($i) || preg_match('/(?:ian|ean|ians|eans)$/', $this->small[$i]) === 1
            || isset($this->names->of('place')[$this->small[$i - 1] ?? '']) && ! $this->isCapital($i + 1);
    }

    private function mayBeName(int $i): bool
    {
        return isset($this->isName[$i]) || $this->flags($i) !== 0
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

    private function flags(int $i): int
    {
        return isset($this->small[$i]) ? $this->names->flags($this->small[$i]) : 0;
    }

    /** Spells a word another way, with the ending of its possessive. */
    private function spell(int $i, string $spelled): void
    {
        $word = $this->tokens->words[$i];
        $ending = mb_substr($word, mb_strlen($this->small[$i]));
        $this->spelled[$i] = $spelled.($this->capitals === TitleCapitals::Throughout ? mb_strtolower($ending) : $ending);
        if ($spelled !== $this->small[$i]) {
            $this->isName[$i] = true;
        }
    }
}
