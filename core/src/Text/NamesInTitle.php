<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Which words of a title are names, told without its capitals meaning anything: names of several words first, then what
 * the dictionary says of each word alone, then what the words around it make of it; the rest is common, or a doubt.
 *
 * Source: APA Publication Manual, 7th ed., 6.14–6.20.
 */
final class NamesInTitle
{
    private readonly TitleWords $title;

    private readonly NamesInContext $context;

    private readonly bool $isHeadline;

    /** @var array<int, string> */
    private array $doubts = [];

    /** @param  array<string, string>  $settled  words somebody decided about, by their small letters */
    public function __construct(
        TitleTokens $tokens,
        private readonly TitleCapitals $capitals,
        private readonly array $settled,
    ) {
        $this->title = new TitleWords($tokens, $capitals, Names::all());
        $this->context = new NamesInContext($this->title);
        $this->isHeadline = $capitals === TitleCapitals::Headline;
    }

    /** @return array<int, string> the words that are spelled otherwise, by their place */
    public function spelled(): array
    {
        if ($this->capitals !== TitleCapitals::Names) {
            $this->alone();
            if ($this->isHeadline) {
                (new NamesAround($this->title))->find();
            }
            foreach ($this->title->hasCapital as $i => $true) {
                if (! isset($this->title->isName[$i]) && ! isset($this->title->spelled[$i])) {
                    mb_strlen($this->title->small[$i]) === 1 ? $this->letter($i) : $this->other($i);
                }
            }
        }
        foreach (array_intersect($this->title->small, array_keys($this->settled)) as $i => $small) {
            $this->title->spell($i, $this->settled[$small]);
            unset($this->doubts[$i]);
        }

        return $this->title->spelled;
    }

    /** @return list<string> words as they are written until somebody says otherwise: "Turner", "trail" */
    public function doubts(): array
    {
        return array_values(array_unique($this->doubts));
    }

    /** Names of several words, and words the dictionary knows as names and as nothing else. */
    private function alone(): void
    {
        $tokens = $this->title->tokens;
        for ($i = 0; $i <= $tokens->last; $i++) {
            // What is held, and what opens a title inside the title, stays as it is.
            if (! $tokens->isPlain && ($tokens->isHeld($i) || $tokens->opensInner($i))) {
                unset($this->title->hasCapital[$i]);
            }
            if (isset($this->title->hasCapital[$i])) {
                $i += max(0, $this->phrase($i) - 1);
            }
        }
    }

    /** Spells the name of several words that begins at a word, or the word alone; how many words it has. */
    private function phrase(int $i): int
    {
        $small = $this->title->small[$i];
        $phrase = isset($this->title->names->starts[$small])
            ? $this->title->names->phrase($this->title->small, $i, $this->title->follows(...))
            : [];
        if ($phrase !== [] && $this->title->names->isAsked($phrase, $this->title->at($i - 1))) {
            return $this->askedAbout($phrase, $i);
        }
        if ($phrase !== [] && $this->isPlainly($phrase, $i)) {
            foreach ($phrase as $n => $spelled) {
                $this->title->spell($i + $n, $spelled);
            }

            return count($phrase);
        }
        if ($this->capitals !== TitleCapitals::Throughout && Letters::isFixed($this->title->tokens->words[$i])) {
            $this->title->name($i);
        } elseif ($this->isKnown($small)) {
            $this->title->spell($i, Letters::capital($small));
        }

        return 1;
    }

    /**
     * Sets a phrase down that may be a name, with a doubt; how many words it has.
     *
     * @param  list<string>  $phrase
     */
    private function askedAbout(array $phrase, int $at): int
    {
        foreach ($phrase as $n => $word) {
            if ($word !== $this->title->small[$at + $n]) {
                $this->title->spell($at + $n, $this->title->small[$at + $n]);
                $this->doubts[$at + $n] = $this->title->small[$at + $n];
            }
        }

        return count($phrase);
    }

    /**
     * Whether a phrase is the name here: in a title without capitals it has a word that is nothing else.
     *
     * @param  list<string>  $phrase
     */
    private function isPlainly(array $phrase, int $at): bool
    {
        if ($this->isHeadline) {
            return isset($this->title->hasCapital[$at + count($phrase) - 1]);
        }
        foreach ($phrase as $word) {
            if (! Words::isCommon(mb_strtolower($word))) {
                return true;
            }
        }

        return false;
    }

    /** Whether a word is a name wherever it stands, also in the plural. */
    private function isKnown(string $small): bool
    {
        $names = $this->title->names;
        $flags = $names->words[$small] ?? 0;
        if ($flags === 0) {
            return str_ends_with($small, 's') && ! Words::isCommon($small)
                && ($names->flags(substr($small, 0, -1)) & (NameWord::NAME | NameWord::COMMON)) === NameWord::NAME;
        }
        $part = $names->parts[$small] ?? 0;

        return ! ($flags & NameWord::COMMON) || $part & NamePart::NAME
            || $this->isHeadline && $flags & NameWord::OFTEN && ! ($part & NamePart::SURROUNDED);
    }

    /**
     * What nothing has told of yet: small where it is a common word or looks like one, a doubt where nobody can know.
     */
    private function other(int $i): void
    {
        $word = $this->title->tokens->words[$i];
        $small = $this->title->small[$i];
        if ($this->isHeadline && $this->context->isName($i)) {
            return;
        }
        if ($this->isHeadline && $this->context->isAskedAbout($i)) {
            $this->doubts[$i] = mb_substr($word, 0, mb_strlen($small));
        } elseif ($this->isSpecies($i) || ! $this->title->isStrange($i)) {
            $this->title->spell($i, $small);
            if ($this->isHeadline && $this->context->mayBeOfName($i)) {
                $this->doubts[$i] = $small;
            }
        } elseif ($this->capitals === TitleCapitals::Throughout) {
            $this->title->spell($i, mb_strlen($small) > 5 ? Letters::capital($small) : mb_strtoupper($small));
        } elseif ($this->isHeadline && ! $this->context->isPlainly($i)) {
            $this->doubts[$i] = mb_substr($word, 0, mb_strlen($small));
        }
    }

    /** A letter is the pronoun, a name of its own, or the first part of a compound: I, vitamin D, X-ray, e-mail. */
    private function letter(int $i): void
    {
        $small = $this->title->small[$i];
        $isPart = ($small === 'e' || $small === 'i') && $this->title->tokens->beforeHyphen($i);
        $isArticle = $small === 'a' && ($this->capitals === TitleCapitals::Throughout || $this->isLoose());
        if ($isPart || $isArticle) {
            $this->title->spell($i, $small);
        }
    }

    /** Whether the title gives even its small words capitals. */
    private function isLoose(): bool
    {
        foreach ($this->title->hasCapital as $i => $true) {
            if (in_array($this->title->small[$i], ['of', 'the', 'and', 'in', 'to', 'for'], true)
                && ! $this->title->tokens->opens($i)) {
                return true;
            }
        }

        return false;
    }

    /** A second word of a species that was given a capital, after its genus. */
    private function isSpecies(int $i): bool
    {
        return $this->title->follows($i) && $this->title->flags[$i - 1] & NameWord::GENUS
            && ! Words::isCommon($this->title->small[$i]) && ! ($this->title->flags[$i] & NameWord::NAME);
    }
}
