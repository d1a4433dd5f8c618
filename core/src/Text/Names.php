<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * The dictionary of names: words and phrases that are written with a capital in running text, and what names are made
 * of. Loaded by the first title that needs it.
 *
 * Source: core/data/names.php, which `bin/names` builds, and core/data/name-patterns.php.
 */
final class Names
{
    /** What stands for the spelling of a phrase: each long word has a capital. */
    public const USUAL = 1;

    /** It is a name after "the"; elsewhere it may be. */
    public const AFTER_THE = 2;

    /** It is as often a name as not. */
    public const ASKED = 3;

    private static ?self $all = null;

    /** @var array<string, int> flags of NameWord by word in small letters */
    public readonly array $words;

    /** @var array<string, string|int> the spelling of a phrase in small letters, or what stands for it above */
    private readonly array $phrases;

    /** @var array<string, int> how many words the longest phrase has that begins with a word */
    public readonly array $starts;

    /** @var array<string, mixed> */
    private readonly array $patterns;

    /** @var array<string, int> flags of NamePart by word */
    public readonly array $parts;

    private function __construct()
    {
        $names = require dirname(__DIR__, 2).'/data/names.php';
        $this->patterns = require dirname(__DIR__, 2).'/data/name-patterns.php';
        $this->words = $names['words'];
        $parts = array_fill_keys(array_keys($this->patterns['surroundings']), NamePart::SURROUNDED);
        foreach (NamePart::OF as $key => $flag) {
            foreach ($this->patterns[$key] as $word => $true) {
                $parts[$word] = ($parts[$word] ?? 0) | $flag;
            }
        }
        $this->parts = $parts;
        $this->phrases = $names['phrases'];
        $this->starts = $names['starts'];
    }

    public static function all(): self
    {
        return self::$all ??= new self;
    }

    /** Flags of NameWord; 0 for a word that is no name. */
    public function flags(string $small): int
    {
        return $this->words[$small] ?? 0;
    }

    /**
     * The longest name of several words that begins at a word of a title.
     *
     * @param  list<string>  $small  the words of the title in small letters, without a possessive's ending
     * @param  callable(int): bool  $follows  whether nothing but a space stands before a word
     * @return list<string> its words as they are spelled; [] where none begins there
     */
    public function phrase(array $small, int $at, callable $follows): array
    {
        $most = min($this->starts[$small[$at]] ?? 0, count($small) - $at);
        $longest = '';
        $phrase = $small[$at];
        for ($i = 1; $i < $most && $follows($at + $i); $i++) {
            $phrase .= ' '.$small[$at + $i];
            $longest = isset($this->phrases[$phrase]) || $this->isPlural($phrase) ? $phrase : $longest;
        }
        if ($longest === '') {
            return [];
        }
        $spelled = $this->phrases[$longest] ?? self::USUAL;

        return explode(' ', is_string($spelled) ? $spelled : self::usual($longest));
    }

    /**
     * Whether nobody can know that a phrase is the name where it stands.
     *
     * @param  list<string>  $phrase
     */
    public function isAsked(array $phrase, string $before): bool
    {
        $kind = $this->phrases[mb_strtolower(implode(' ', $phrase))] ?? self::USUAL;

        return $kind === self::ASKED || $kind === self::AFTER_THE && $before !== 'the';
    }

    /** Several of one name: the Opium Wars. */
    private function isPlural(string $phrase): bool
    {
        return str_ends_with($phrase, 's') && ($this->phrases[substr($phrase, 0, -1)] ?? null) === self::USUAL;
    }

    /** @return array<string, mixed> */
    public function of(string $pattern): array
    {
        return $this->patterns[$pattern];
    }

    /** @return ?array<string, mixed> what must stand around a word for it to be a name, or must not */
    public function surroundings(string $small): ?array
    {
        return $this->patterns['surroundings'][$small] ?? null;
    }

    private static function usual(string $phrase): string
    {
        return implode(' ', array_map(
            static fn (string $word): string => in_array($word, NameWord::SMALL, true)
                ? $word
                : Letters::capital($word),
            explode(' ', $phrase),
        ));
    }
}
