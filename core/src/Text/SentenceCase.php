<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * A title in sentence case: a capital for the first word of title and subtitle, and for names.
 *
 * In a title with headline capitals each word is looked at; what cannot be known keeps its capital and is a doubt. A
 * title whose capitals already mean something keeps them.
 *
 * Source: APA Publication Manual, 7th ed., 6.14–6.20.
 */
final class SentenceCase
{
    private readonly TitleTokens $tokens;

    /** @var array<int, string> how words are spelled that change */
    private array $spelled = [];

    /**
     * @var list<string> words that may be names or not, as they are written until somebody says so: "Turner", "trail"
     */
    public readonly array $doubts;

    /**
     * @param  ?string  $whole  the whole title, where this is a part of it: its capitals tell what capitals mean
     * @param  array<string, string>  $settled  words somebody decided about, by their small letters
     */
    public function __construct(string $title, ?string $whole = null, private readonly array $settled = [])
    {
        $this->tokens = new TitleTokens($title);
        $doubts = [];
        $capitals = TitleCapitals::of($whole ?? $title);
        if ($capitals !== TitleCapitals::Names || $settled !== []) {
            $names = new NamesInTitle($this->tokens, $capitals, $settled);
            $this->spelled = $names->spelled();
            $doubts = $names->doubts();
        }
        $this->doubts = $doubts;
        foreach ($this->tokens->isPlain ? [$this->tokens->words[0]] : $this->tokens->words as $i => $word) {
            if ($this->tokens->opens($i) && ! $this->tokens->isHeld($i)) {
                $word = $this->spelled[$i] ?? $word;
                $this->spelled[$i] = Letters::isFixed($word) ? $word : Letters::capital($word);
            }
        }
    }

    /**
     * The words whose letters the style decides by whether they are names: those it keeps a capital in, the doubts, and
     * those somebody decided about.
     *
     * @return list<HeldWord> each once, in their order
     */
    public function heldWords(): array
    {
        $held = [];
        foreach ($this->tokens->words as $i => $word) {
            $written = $this->spelled[$i] ?? $word;
            $small = mb_strtolower($written);
            $isAsked = in_array($written, $this->doubts, true);
            if ($isAsked || isset($this->settled[$small]) || $this->isKept($i, $written)) {
                $held[$small] ??= new HeldWord($written, $isAsked);
            }
        }

        return array_values($held);
    }

    /** Whether a word has its capital for being a name, and not for opening the title or for being held. */
    private function isKept(int $i, string $written): bool
    {
        return Letters::hasCapital($written) && ! Letters::isFixed($written) && mb_strlen($written) > 1
            && ! $this->tokens->opens($i) && ! $this->tokens->isHeld($i);
    }

    public function text(): string
    {
        return $this->spelled === [] ? $this->tokens->with($this->tokens->words)
            : $this->tokens->with(array_replace($this->tokens->words, $this->spelled));
    }
}
