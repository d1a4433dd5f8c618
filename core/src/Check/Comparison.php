<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Text;
use Bibrel\Core\Style\Rules;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Run;

/**
 * A citation somebody else made next to our own entry of the same source: word for word what both have, what only one
 * of them has, and the rule behind each of our words that differs.
 */
final readonly class Comparison
{
    /** Longer texts are compared by their first words only; an entry has fewer. */
    private const LONGEST = 400;

    /** @param  list<Run>  $runs  our entry */
    public function __construct(private string $pasted, private array $runs, private Style $style)
    {
    }

    /**
     * @return list<array{theirs: string, ours: string, rule: string, why: string}> stretches in order; equal where both
     *         say the same
     */
    public function pieces(): array
    {
        [$ours, $rules] = self::words($this->runs);
        $theirs = array_slice(
            preg_split('/\s+/u', Text::line($this->pasted), -1, PREG_SPLIT_NO_EMPTY) ?: [],
            0,
            self::LONGEST,
        );
        $family = $this->style->family();
        $stretches = [];
        foreach (self::stretches(self::aligned($theirs, $ours)) as [
            'theirs' => $left, 'ours' => $right, 'same' => $same, 'at' => $at,
        ]) {
            $first = $same ? '' : ($rules[min($at[0], count($rules) - 1)] ?? '');
            $why = $first === '' ? [] : (new Superfluous($left))->why($family);
            $isCutShort = $why !== [] && str_starts_with(Text::folded($left), Text::folded($right));
            // Of our own words those that carry an element say why; the marks between them only where nothing else
            // does.
            $told = array_map(static fn (int $i): string => $rules[min($i, count($rules) - 1)], $at);
            foreach ($isCutShort || $first === '' ? [] : array_unique($told) as $rule) {
                if ($rule === $first || preg_match('/\.(?:comma|stop|colon|and)$/', $rule) !== 1) {
                    $why[] = Rules::get($rule, $this->style->id())->sentence;
                }
            }
            $stretches[] = [
                'theirs' => $left,
                'ours' => $right,
                'rule' => $first,
                'why' => implode(' ', array_unique(array_slice($why, 0, 4))),
            ];
        }

        return $stretches;
    }

    /**
     * Words put together as long as both sides say the same, or do not.
     *
     * @param  list<array{string, string, int}>  $pairs
     * @return list<array{theirs: string, ours: string, same: bool, at: non-empty-list<int>}> `at`: the places of our
     *         words; where we have none, that of the word before
     */
    private static function stretches(array $pairs): array
    {
        $stretches = [];
        $open = null;
        foreach ($pairs as [$left, $right, $at]) {
            $same = $left !== '' && $right !== '';
            if ($open !== null && $open['same'] !== $same) {
                $stretches[] = $open;
                $open = null;
            }
            $open ??= ['theirs' => '', 'ours' => '', 'same' => $same, 'at' => [max(0, $at - 1)]];
            $open = [
                'theirs' => trim("{$open['theirs']} {$left}"),
                'ours' => trim("{$open['ours']} {$right}"),
                'same' => $same,
                'at' => $right === '' ? $open['at'] : [...($open['ours'] === '' ? [] : $open['at']), $at],
            ];
        }

        return $open === null ? [] : [...$stretches, $open];
    }

    /**
     * @param  list<Run>  $runs
     * @return array{list<string>, list<string>} words, and the rule of each
     */
    private static function words(array $runs): array
    {
        [$words, $rules, $open] = [[], [], false];
        foreach ($runs as $run) {
            $pieces = preg_split('/( +)/', $run->text, -1, PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [];
            foreach ($pieces as $piece) {
                if (trim($piece) === '') {
                    $open = false;
                } elseif ($open && $words !== []) {
                    $words[count($words) - 1] .= $piece;
                } else {
                    [$words[], $rules[], $open] = [$piece, $run->rule, true];
                }
            }
        }

        return [$words, $rules];
    }

    /**
     * The longest common sequence of words, and what stands between.
     *
     * @param  list<string>  $theirs
     * @param  list<string>  $ours
     * @return list<array{string, string, int}> a word of each side or '', and the place on our side
     */
    private static function aligned(array $theirs, array $ours): array
    {
        $a = array_map(self::folded(...), $theirs);
        $b = array_map(self::folded(...), $ours);
        $length = array_fill(0, count($a) + 1, array_fill(0, count($b) + 1, 0));
        for ($i = count($a) - 1; $i >= 0; $i--) {
            for ($j = count($b) - 1; $j >= 0; $j--) {
                $length[$i][$j] = $a[$i] === $b[$j]
                    ? $length[$i + 1][$j + 1] + 1
                    : max($length[$i + 1][$j], $length[$i][$j + 1]);
            }
        }
        [$i, $j, $pairs] = [0, 0, []];
        while ($i < count($a) || $j < count($b)) {
            if ($i < count($a) && $j < count($b) && $a[$i] === $b[$j]) {
                $pairs[] = [$theirs[$i++], $ours[$j], $j++];
            } elseif ($j >= count($b) || ($i < count($a) && $length[$i + 1][$j] >= $length[$i][$j + 1])) {
                $pairs[] = [$theirs[$i++], '', $j];
            } else {
                $pairs[] = ['', $ours[$j], $j++];
            }
        }

        return $pairs;
    }

    /** Straight and curly marks, hyphens and dashes count as one: which of them was pasted says nothing. */
    private static function folded(string $word): string
    {
        return strtr($word, ['“' => '"', '”' => '"', '‘' => "'", '’' => "'", '–' => '-', '—' => '-']);
    }
}
