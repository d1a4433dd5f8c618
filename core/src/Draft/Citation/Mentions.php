<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;

/** Names in running text that may be those a pair of parentheses belongs to. */
final readonly class Mentions
{
    private const WORD = '(?:\p{Lu}[\p{L}\p{M}]*(?:[’\'-]\p{L}[\p{L}\p{M}]+)*|\p{Lu}\.)';

    private string $name;

    private string $list;

    public function __construct(private SourceIndex $sources)
    {
        $words = DraftWords::all();
        $this->name = '(?:(?:'.self::WORD.'|(?i:'.$words->pattern('particles').'))\s+){0,4}'.self::WORD;
        $this->list = "{$this->name}(?:(?:,\\s+{$this->name})*,?\\s+(?:and|&)\\s+{$this->name}"
            ."|,?\\s+{$words->pattern('others')})?";
    }

    /** The name right before a pair of parentheses: "Brook and Vale", "Okafor et al.", "Brook’s"; '' where none is. */
    public function before(string $text): string
    {
        // A work without an author is named by its title.
        if (preg_match('/[“"]([^“”"]{3,90})[”"]\s*$/u', $text, $m) === 1) {
            return $this->sources->titled(rtrim($m[1], ',.')) === [] ? '' : rtrim($m[0]);
        }

        return preg_match("/(?:{$this->list})(?:[’']s?)?(?=,?\\s*$)/u", $text, $m) === 1
            ? $this->sensible($m[0], $text)
            : '';
    }

    /** @return string the last name in a text that a source answers to; '' where there is none */
    public function lastKnown(string $text): string
    {
        preg_match_all("/(?:{$this->list})(?:[’']s?)?/u", $text, $found);
        foreach (array_reverse($found[0]) as $name) {
            $name = $this->known($name);
            if ($name !== '') {
                return $name;
            }
        }

        return $this->longKnown($text);
    }

    /** @return string somebody unknown of whom the sentence says that they say something */
    public function reporting(string $text): string
    {
        $words = DraftWords::all();
        preg_match_all(
            "/({$this->list})\\s+(?:\\p{Ll}+ly\\s+|also\\s+|then\\s+|further\\s+)?(\\p{Ll}+)/u",
            $text,
            $found,
            PREG_SET_ORDER,
        );
        foreach (array_reverse($found) as [, $name, $verb]) {
            $bare = $this->withoutOpening($name);
            if ($words->isReporting($verb) && $bare !== '' && ! $words->has('no names', $bare)) {
                return $bare;
            }
        }
        if (preg_match("/[Aa]ccording to ({$this->list})[,\\s]/u", $text, $m) === 1) {
            return $m[1];
        }

        return '';
    }

    /** The part of a run of capitalised words that a source answers to: "Brook" of "In Moonpower Brook". */
    public function known(string $name): string
    {
        $bare = (string) preg_replace('/[’\']s?$/u', '', $name);
        foreach ($this->tails($bare) as $tail) {
            if ($this->sources->group($tail) !== [] || $this->sources->exact($tail) !== []) {
                return $tail;
            }
        }

        return '';
    }

    /** @return list<string> the words from each capital on, the longest first */
    private function tails(string $name): array
    {
        $names = (new NameWords($name))->names;
        $first = $names[0] ?? '';
        $rest = substr($name, strlen($first));
        $words = explode(' ', $first);
        $tails = [];
        for ($i = in_array($words[0], ['The', 'A', 'An'], true) ? 1 : 0; $i < count($words); $i++) {
            $tails[] = implode(' ', array_slice($words, $i)).$rest;
        }

        return $tails;
    }

    /** Names of groups with small words in them, and titles, which no pattern of names tells. */
    private function longKnown(string $text): string
    {
        $plain = ' '.(new Plain($text))->words().' ';
        foreach ($this->sources->sources as $one) {
            foreach ($one->groups as $group) {
                if (str_contains($plain, " {$group} ")) {
                    return preg_match('/'.str_replace(' ', '\W+', preg_quote($group, '/')).'/iu', $text, $m) === 1
                        ? $m[0]
                        : $group;
                }
            }
        }
        $best = '';
        foreach ($this->sources->sources as $one) {
            $isLong = substr_count($one->title, ' ') > 0;
            if ($isLong && $one->isByTitle && str_contains($plain, " {$one->title} ")) {
                $pattern = '/(?:\b(?:The|An?)\s+)?'.str_replace(' ', '\W+', preg_quote($one->title, '/')).'/iu';
                $best = preg_match($pattern, $text, $m) === 1 ? $m[0] : $one->title;
            }
        }

        return $best;
    }

    /** What stands right before parentheses, without the words that open the sentence. */
    private function sensible(string $name, string $text): string
    {
        $possessive = preg_match('/[’\']s?$/u', $name, $m) === 1 ? $m[0] : '';
        $bare = substr($name, 0, strlen($name) - strlen($possessive));
        $known = $this->known($bare);
        if ($known !== '') {
            return $known.$possessive;
        }
        // The name of a group may hold small words.
        foreach ($this->sources->sources as $one) {
            foreach ($one->groups as $group) {
                $pattern = '/\b(?:[Tt]he\s+)?('.str_replace(' ', '\W+', preg_quote($group, '/')).')\W*$/iu';
                if (preg_match($pattern, $text, $m) === 1) {
                    return trim($m[1]);
                }
            }
        }
        $bare = $this->withoutOpening($bare);

        return $bare === '' ? '' : $bare.$possessive;
    }

    /** "Ruth Harrow" of "Yet Ruth Harrow": without words that are no names. */
    private function withoutOpening(string $name): string
    {
        $data = DraftWords::all();
        $words = explode(' ', $name);
        while ($words !== [] && ($data->has('no names', rtrim($words[0], '.,')) || $data->has('openings', $words[0]))) {
            array_shift($words);
        }

        return implode(' ', $words);
    }
}
