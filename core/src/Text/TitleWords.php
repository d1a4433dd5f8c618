<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** The words of a title while it is told which of them are names: what is known of each, and how it will be spelled. */
final class TitleWords
{
    /** @var list<string> in small letters, without the ending of a possessive */
    public array $small = [];

    /** @var list<int> what the dictionary says of each word, as NameWord; 0 for what has no capital */
    public array $flags = [];

    /** @var array<int, true> words with a capital, which may be a headline's */
    public array $hasCapital = [];

    /** @var array<int, true> */
    public array $isName = [];

    /** @var array<int, string> how words are spelled that are spelled otherwise */
    public array $spelled = [];

    public function __construct(
        public readonly TitleTokens $tokens,
        public readonly TitleCapitals $capitals,
        public readonly Names $names,
    ) {
        $isHeadline = $capitals === TitleCapitals::Headline;
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
            $this->flags[] = $isShown ? $names->words[$small] ?? 0 : 0;
            if ($isShown) {
                $this->hasCapital[$i] = true;
            }
        }
    }

    /** The word at a place in small letters; '' beyond the title's ends. */
    public function at(int $i): string
    {
        return $this->small[$i] ?? '';
    }

    /** What a word may be in a name of several words, as NamePart. */
    public function part(int $i): int
    {
        return $this->names->parts[$this->small[$i] ?? ''] ?? 0;
    }

    public function isCapital(int $i): bool
    {
        return isset($this->hasCapital[$i]);
    }

    /** Whether nothing but a space stands before a word. */
    public function follows(int $i): bool
    {
        return $i > 0 && $i <= $this->tokens->last && $this->tokens->follows($i);
    }

    /** Whether what is named ends with a word: neither "of" nor another word with a capital comes next. */
    public function closesPhrase(int $i): bool
    {
        return $this->at($i + 1) !== 'of' && ! $this->tokens->beforeHyphen($i)
            && ! ($this->follows($i + 1) && $this->isCapital($i + 1));
    }

    public function isPossessive(int $i): bool
    {
        return mb_strlen($this->tokens->words[$i]) > mb_strlen($this->small[$i]);
    }

    public function mayBeName(int $i): bool
    {
        return isset($this->isName[$i]) || $this->flags[$i] !== 0 || $this->isStrange($i);
    }

    /** Whether no list has a word, and nothing in it tells what it is. */
    public function isStrange(int $i): bool
    {
        return $this->flags[$i] === 0 && ! Words::isCommon($this->small[$i]) && ! Words::looksCommon($this->small[$i]);
    }

    /** Says that words are parts of a name. */
    public function name(int ...$places): void
    {
        foreach ($places as $i) {
            $this->isName[$i] = true;
        }
    }

    /** Spells a word another way, with the ending of its possessive. */
    public function spell(int $i, string $spelled): void
    {
        $ending = mb_substr($this->tokens->words[$i], mb_strlen($this->small[$i]));
        $isLowered = $this->capitals === TitleCapitals::Throughout;
        $this->spelled[$i] = $spelled.($isLowered ? mb_strtolower($ending) : $ending);
        if ($spelled !== $this->small[$i]) {
            $this->isName[$i] = true;
        }
    }
}
