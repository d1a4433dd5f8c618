<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/** The words of core/data/draft-words.php, as patterns and as sets. */
final class DraftWords
{
    private static ?self $all = null;

    /** @var array<string, mixed> what was put together already */
    private array $made = [];

    /** @param  array<string, array<array-key, mixed>>  $lists */
    private function __construct(private readonly array $lists)
    {
    }

    public static function all(): self
    {
        return self::$all ??= new self(require dirname(__DIR__, 2).'/data/draft-words.php');
    }

    /** One of a list, as a piece of a pattern; the longest first. */
    public function pattern(string $list): string
    {
        return $this->made["/{$list}"] ??= self::oneOf($this->lists[$list]);
    }

    public function has(string $list, string $word): bool
    {
        $this->made[$list] ??= array_fill_keys($this->lists[$list], true);

        return isset($this->made[$list][mb_strtolower($word)]);
    }

    /** Whether a word is what sentences say of those they cite: argues, argued, argue. */
    public function isReporting(string $word): bool
    {
        $word = mb_strtolower($word);
        if ($this->has('past', $word)) {
            return true;
        }
        foreach (['', 's', 'd', 'ed', 'es', 'ing'] as $ending) {
            $stem = $ending === '' || str_ends_with($word, $ending)
                ? substr($word, 0, strlen($word) - strlen($ending))
                : '';
            if ($stem !== '' && ($this->has('verbs', $stem) || $ending === 'es' && $this->has('verbs', "{$stem}e"))) {
                return true;
            }
        }

        return preg_match('/^(\w+)i(?:es|ed)$/', $word, $m) === 1 && $this->has('verbs', "{$m[1]}y");
    }

    /** What kind of place a word means, as Locator names them; '' for a word that means none. */
    public function place(string $word): string
    {
        $word = rtrim(mb_strtolower($word), '.');
        foreach ($this->lists['places'] as $place => $words) {
            if (in_array($word, (array) $words, true)) {
                return (string) $place;
            }
        }

        return '';
    }

    /** Any word for a place, as a piece of a pattern. */
    public function places(): string
    {
        return $this->made['/places'] ??= self::oneOf(array_merge(...array_values($this->lists['places'])));
    }

    /** @param  array<array-key, mixed>  $words  pieces of patterns */
    private static function oneOf(array $words): string
    {
        $words = array_map(strval(...), $words);
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return '(?:'.implode('|', $words).')';
    }
}
