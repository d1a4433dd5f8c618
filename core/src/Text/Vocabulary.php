<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * The words of languages that readers, checks and styles look for, one file a language in core/data/words. A language
 * gives what it has of these lists:
 *
 * `months` twelve lists of a month's names, the full one first; `seasons` likewise, from spring on; `weekdays`;
 * `articles` at the head of titles, `elided` those that lean on the next word (l’eau); `particles` before family names;
 * `by` before whoever wrote a text; `and` between two who did; `small` words that tell the language from English;
 * `organisations` words that only names of groups hold; `institutions` those of groups that are often named for a field
 * or a place ("Institute for Research in Lamps"); `houses` those of publishers; `jobs` what people are, `ranks` what
 * stands before that; `degrees` after names; `honorifics` before them; `deeds` how a title page says what somebody did,
 * by role; `printed` months as a style prints them;
 * `academicHouses` what the names of academic presses hold.
 */
final class Vocabulary
{
    /** @var array<string, array<string, mixed>> by language */
    private array $words = [];

    /** @var array<string, mixed> what was put together already */
    private array $made = [];

    private static ?self $all = null;

    /** @param  string  $folder  where the files are */
    public function __construct(string $folder)
    {
        foreach (glob("{$folder}/*.php") ?: [] as $file) {
            $this->words[basename($file, '.php')] = require $file;
        }
    }

    /** The words of all languages there are. */
    public static function all(): self
    {
        return self::$all ??= new self(dirname(__DIR__, 2).'/data/words');
    }

    /** @return list<string> all languages' words of a list, each once */
    public function list(string $list): array
    {
        return $this->made[$list] ??= array_values(
            array_unique(array_merge(...array_values(array_column($this->words, $list)))),
        );
    }

    /** @return list<string> one language's words of a list */
    public function in(string $language, string $list): array
    {
        return $this->words[$language][$list] ?? [];
    }

    /** @return array<string, list<string>> the words of a list by language, of those languages that have it */
    public function byLanguage(string $list): array
    {
        return array_filter(
            array_map(static fn (array $words): array => array_values($words[$list] ?? []), $this->words),
        );
    }

    /** All languages' words of a list as an alternation for a pattern with the flags "i" and "u", longest first. */
    public function pattern(string $list): string
    {
        return $this->made["/{$list}"] ??= self::alternation($this->list($list));
    }

    /** @return array<string, string> how title pages of all languages say what somebody did: an alternation by role */
    public function deeds(): array
    {
        return $this->made['deeds'] ??= array_map(self::alternation(...), array_merge_recursive(
            // English first: its order is that in which the roles are asked for.
            $this->words['en']['deeds'],
            ...array_column(array_diff_key($this->words, ['en' => 1]), 'deeds'),
        ));
    }

    /** The months of all languages as an alternation, with the stop after a shortened one. */
    public function monthPattern(): string
    {
        return $this->made['/months'] ??= '(?:'.self::alternation(array_keys($this->monthNumbers())).')\.?';
    }

    /** English months as they are shortened, as an alternation. */
    public function shortMonths(): string
    {
        return $this->made['/short'] ??= implode('|', array_merge(
            ...array_map(static fn (array $names): array => array_slice($names, 1), $this->words['en']['months']),
        ));
    }

    /** English months by their first three letters and whatever follows, as dates are written by hand. */
    public function monthStart(): string
    {
        return $this->made['/starts'] ??= implode('|', array_keys($this->starts()));
    }

    /** The number of the month an English word begins like ("Sept", "octob."); null for any other word. */
    public function monthByStart(string $word): ?int
    {
        return $this->starts()[mb_strtolower(mb_substr($word, 0, 3))] ?? null;
    }

    /** The number of a month by one of its names in any language; null for what names none. */
    public function monthNumber(string $name): ?int
    {
        return $this->monthNumbers()[mb_strtolower(rtrim($name, '.'))] ?? null;
    }

    /** 21 for spring to 24 for winter (EDTF); null for what names no season. */
    public function seasonNumber(string $name): ?int
    {
        foreach ($this->words as $words) {
            foreach ($words['seasons'] ?? [] as $i => $names) {
                if (in_array(mb_strtolower($name), array_map(mb_strtolower(...), $names), true)) {
                    return 21 + $i;
                }
            }
        }

        return null;
    }

    /** The English name of a month from 1 to 12, or of a season from 21 to 24. */
    public function monthName(int $number): string
    {
        $english = $this->words['en'];

        return $number > 20 ? $english['seasons'][$number - 21][0] : $english['months'][$number - 1][0];
    }

    /** A month as a style prints it: "Sept." */
    public function printedMonth(string $style, int $number): string
    {
        return $this->words['en']['printed'][$style][$number - 1];
    }

    /** @return array<string, int> by name in small letters, in every language */
    private function monthNumbers(): array
    {
        return $this->made['numbers'] ??= array_merge(...array_map(
            static function (array $words): array {
                $numbers = [];
                foreach ($words['months'] ?? [] as $i => $names) {
                    $numbers += array_fill_keys(array_map(mb_strtolower(...), $names), $i + 1);
                }

                return $numbers;
            },
            array_values($this->words),
        ));
    }

    /** @return array<string, int> by the first three letters of the English names */
    private function starts(): array
    {
        return $this->made['starts'] ??= array_combine(
            array_map(
                static fn (array $names): string => strtolower(substr($names[0], 0, 3)),
                $this->words['en']['months'],
            ),
            range(1, 12),
        );
    }

    /** @param  list<string>  $words */
    private static function alternation(array $words): string
    {
        usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

        return implode('|', $words);
    }
}
