<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * A title in headline case: capitals for the principal words, both ends and each part of a compound; articles,
 * prepositions and coordinating conjunctions stay small. A preposition that belongs to its verb is an adverb, and a
 * conjunction that opens a clause is principal.
 *
 * Source: MLA Handbook, 9th ed., 2.90; APA Publication Manual, 7th ed., 6.17, where small words have three letters at
 * most.
 */
final class HeadlineCase
{
    public const SMALL = [
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
    public const EITHER = [
        'after' => true, 'before' => true, 'down' => true, 'like' => true, 'near' => true, 'off' => true, 'out' => true,
        'over' => true, 'past' => true, 'since' => true, 'so' => true, 'until' => true, 'up' => true, 'yet' => true,
    ];

    /** What keeps its letters after a figure: 5 nm. */
    private const UNITS = [
        'nm' => true, 'mm' => true, 'cm' => true, 'm' => true, 'km' => true, 'g' => true, 'kg' => true, 'mg' => true,
        's' => true,
        'ms' => true, 'ns' => true, 'h' => true, 'min' => true, 'l' => true, 'ml' => true,
    ];

    /** The commonest of the small words, which are nothing else and have three letters at most. */
    private const ALWAYS_SMALL = [
        'an' => true, 'the' => true, 'and' => true, 'but' => true, 'for' => true, 'nor' => true, 'or' => true, 'as' => true,
        'at' => true, 'of' => true, 'per' => true, 'to' => true, 'via' => true,
    ];

    private const CONJUNCTIONS = ['after' => true, 'before' => true, 'since' => true, 'until' => true];

    public const DETERMINERS = [
        'a' => true, 'an' => true, 'the' => true, 'my' => true, 'your' => true, 'his' => true, 'her' => true,
        'its' => true, 'our' => true, 'their' => true, 'this' => true, 'that' => true, 'these' => true, 'those' => true,
    ];

    /** What may belong to a verb before it, "settle down", and is a preposition after others, "run down the hill". */
    private const PARTICLES = [
        'up' => true, 'down' => true, 'out' => true, 'off' => true, 'on' => true, 'in' => true, 'over' => true,
        'by' => true, 'through' => true, 'along' => true, 'around' => true, 'about' => true, 'under' => true,
        'across' => true,
    ];

    /** Verbs of moving and staying: what follows them with an article says where. */
    private const WHERE = [
        'climb', 'come', 'crawl', 'dance', 'drive', 'fall', 'float', 'fly', 'go', 'jump', 'live', 'look', 'march',
        'move',
        'race', 'ride', 'roll', 'row', 'run', 'sail', 'sit', 'sleep', 'stand', 'swim', 'travel', 'walk', 'wander',
        'work', 'lie',
        'stay', 'wait', 'rest', 'lean', 'depend', 'reflect', 'build', 'write', 'speak', 'talk', 'read', 'think',
    ];

    private const FINITE = '/^(?:is|are|was|were|has|had|have|will|can|could|would|must|may|do|does|did|came|went|fell|rose|began'
        .'|broke|left|took|made|met|ran|saw|sank|knew|grew|stood|found|got|lost|won|wrote|died|ended)$/';

    private readonly TitleTokens $tokens;

    private readonly string $whole;

    /**
     * @param  ?string  $whole  the whole title, where this is a part of it: its capitals tell what capitals mean
     * @param  int  $longest  how many letters a small word has at most
     */
    public function __construct(string $title, ?string $whole = null, private readonly int $longest = PHP_INT_MAX)
    {
        $this->tokens = new TitleTokens($title);
        $this->whole = $whole ?? $title;
    }

    public function text(): string
    {
        if (Letters::isAllCapitals($this->whole)) {
            $names = (new NamesInTitle($this->tokens, TitleCapitals::Throughout, []))->spelled();
            $tokens = new TitleTokens($this->tokens->with(array_replace($this->tokens->words, $names)));

            return (new self($tokens->with($tokens->words), 'In Capitals'))->text();
        }
        $words = $this->tokens->words;
        $isPlain = $this->tokens->isPlain;
        foreach ($words as $i => $word) {
            $small = strtolower($word);
            $first = $word[0];
            if ($isPlain && isset(self::ALWAYS_SMALL[$small]) && $i > 0 && $i < $this->tokens->last) {
                $words[$i] = $small;

                continue;
            }
            // Most words have their capital, and are no small ones.
            if (isset(self::SMALL[$small]) || isset(self::EITHER[$small]) || $first > 'Z' || $first < 'A') {
                $words[$i] = $this->word($i, $word);
            }
        }

        return $this->tokens->with($words);
    }

    private function word(int $i, string $word): string
    {
        if ($this->isKept($i, $word)) {
            return $word;
        }
        $small = Letters::lower($word);
        if (! isset(self::SMALL[$small]) && ! isset(self::EITHER[$small]) || $this->isEdge($i)) {
            return $this->principal($i, $word, $small);
        }
        $isInCompound = $this->tokens->afterHyphen($i) || $this->tokens->beforeHyphen($i);
        // Up-to-Date, Sister-in-Law: small inside a compound only.
        $isPrincipal = $isInCompound
            ? ! ($this->tokens->afterHyphen($i) && $this->tokens->beforeHyphen($i))
            : strlen($small) > $this->longest || $this->isPrincipal($i, $word, $small);

        return $isPrincipal ? Letters::capital($small) : $small;
    }

    /** Acronyms, what is held, and units after a figure. */
    private function isKept(int $i, string $word): bool
    {
        $isUnit = isset(self::UNITS[$word]) && $i > 0 && preg_match('/\d$/', $this->tokens->words[$i - 1]) === 1;

        return $isUnit || $this->tokens->isHeld($i) || Letters::isFixed($word);
    }

    /** The first and the last word of the title and its parts, and the first of a title inside it. */
    private function isEdge(int $i): bool
    {
        return $this->tokens->opens($i) || $this->tokens->closes($i) || $this->tokens->opensInner($i);
    }

    /** Whether a word that is small elsewhere has a capital here. */
    private function isPrincipal(int $i, string $word, string $small): bool
    {
        return match (true) {
            $small === 'a' => $this->isLetter($i),
            isset(self::PARTICLES[$small]) => $this->isAdverb($i, $word, $small),
            isset(self::EITHER[$small]) => $this->isClause($i, $word, $small),
            default => false,
        };
    }

    private function principal(int $i, string $word, string $small): string
    {
        // In a case "v." stands between the parties; a Greek letter in front of a word is no word.
        $isSign = $small === 'v' && str_starts_with($this->tokens->between[$i + 1], '.')
            || $this->tokens->beforeHyphen($i) && preg_match('/^\p{Greek}$/u', $word) === 1;

        return $isSign ? $small : Letters::capital($word);
    }

    /** Whether "a" is the letter: at the end of what it names. */
    private function isLetter(int $i): bool
    {
        $next = $this->small($i + 1);

        return $i > 0
            && (in_array(
                $this->small($i - 1),
                ['letter', 'vol', 'no'],
                true,
            ) || isset(Names::all()->of('series')[$this->small($i - 1)]))
            && ($next === '' || isset(self::SMALL[$next]));
    }

    private function isAdverb(int $i, string $word, string $small): bool
    {
        $next = $this->small($i + 1);
        // Headline capitals that tell adverbs from prepositions already tell this one.
        if (isset(self::EITHER[$small]) && $this->tellsAdverbs()) {
            return $word !== $small && ! isset(self::DETERMINERS[$next]);
        }
        $verb = self::verb($this->small($i - 1), $small);
        $isBeforeNoun = $next !== ''
            && (isset(self::DETERMINERS[$next]) || ! isset((self::SMALL + self::EITHER)[$next]));

        return $verb !== ''
            && (! $isBeforeNoun || isset(self::EITHER[$small]) && ! in_array($verb, self::WHERE, true));
    }

    /**
     * Whether the title stands in headline capitals and has small words in small letters, so that its capitals tell.
     */
    private function tellsAdverbs(): bool
    {
        if (TitleCapitals::of($this->whole) !== TitleCapitals::Headline) {
            return false;
        }
        foreach ($this->tokens->words as $word) {
            if (isset(self::SMALL[$word])) {
                return true;
            }
        }

        return false;
    }

    /** The verb a particle belongs to; '' where the word before is none that takes it. */
    private static function verb(string $word, string $particle): string
    {
        static $known = null;
        $known ??= require dirname(__DIR__, 2).'/data/phrasal-verbs.php';
        $stem = (string) preg_replace('/(?:ing|ed|es|s)$/', '', $word);
        foreach ([$word, $stem, $stem.'e', (string) preg_replace('/(.)\1$/', '$1', $stem)] as $verb) {
            if (isset($known["{$verb} {$particle}"])) {
                return $known["{$verb} {$particle}"];
            }
        }

        return '';
    }

    /** Whether a conjunction opens a clause, which has a verb: "before the Boats Came" against "before the War". */
    private function isClause(int $i, string $word, string $small): bool
    {
        if (! isset(self::CONJUNCTIONS[$small])) {
            return $small === 'so' || $small === 'yet'
                ? TitleCapitals::of($this->whole) === TitleCapitals::Headline && $word !== $small
                : false;
        }
        for ($n = $i + 2; $n <= $this->tokens->last && ! $this->tokens->opens($n); $n++) {
            $isLast = $this->tokens->closes($n);
            if (preg_match(self::FINITE, $this->small($n)) === 1
                || $isLast && preg_match('/[^e]ed$/', $this->small($n)) === 1) {
                return true;
            }
        }

        return false;
    }

    private function small(int $i): string
    {
        return isset($this->tokens->words[$i]) ? Letters::lower($this->tokens->words[$i]) : '';
    }
}
