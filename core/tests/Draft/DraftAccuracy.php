<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

/** Counts what is found in drafts against what is there: a citation counts with its text, its paragraph and its sources. */
final class DraftAccuracy
{
    /** @param  list<DraftCase>  $cases */
    public function row(string $name, array $cases, bool $tellsDifferences): string
    {
        $count = ['there' => 0, 'found' => 0, 'right' => 0, 'faults' => 0, 'told' => 0, 'both' => 0];
        $differences = '';
        foreach ($cases as $case) {
            $there = self::byPlace($case->expected());
            $found = self::byPlace($case->found());
            foreach ($there + $found as $place => $one) {
                [$wanted, $got] = [$there[$place] ?? null, $found[$place] ?? null];
                $isSame = $wanted !== null && $got !== null && $wanted['sources'] === $got['sources'];
                $count['there'] += (int) ($wanted !== null);
                $count['found'] += (int) ($got !== null);
                $count['right'] += (int) $isSame;
                $count['faults'] += count($wanted['issues'] ?? []);
                $count['told'] += count($got['issues'] ?? []);
                $count['both'] += count(array_intersect($wanted['issues'] ?? [], $got['issues'] ?? []));
                if (! $isSame || $wanted['issues'] !== $got['issues']) {
                    $differences .= "  {$case->name}, {$place}: wanted ".self::said($wanted).', got '.self::said($got)."\n";
                }
            }
            $uncited = $case->report()['uncited'];
            $wanted = $case->uncited;
            $count['faults'] += count($wanted);
            $count['told'] += count($uncited);
            $count['both'] += count(array_intersect($wanted, $uncited));
            if (array_diff($wanted, $uncited) + array_diff($uncited, $wanted) !== []) {
                $differences .= "  {$case->name}: never cited: wanted ".implode(' ', $wanted).', got '.implode(' ', $uncited)."\n";
            }
        }
        $share = static fn (int $of, int $all): string => $all === 0 ? '–' : "{$of}/{$all} (".floor(1000 * $of / $all) / 10 .' %)';

        return "| {$name} | ".count($cases)." | {$share($count['right'], $count['there'])} | {$share($count['right'], $count['found'])}"
            ." | {$share($count['both'], $count['faults'])} | {$share($count['both'], $count['told'])} |\n".($tellsDifferences ? $differences : '');
    }

    /**
     * @param  list<array{text: string, paragraph: int, sources: list<string>, issues: list<string>}>  $citations
     * @return array<string, array{text: string, paragraph: int, sources: list<string>, issues: list<string>}>
     */
    private static function byPlace(array $citations): array
    {
        $all = [];
        foreach ($citations as $one) {
            $place = "paragraph {$one['paragraph']}, {$one['text']}";
            while (isset($all[$place])) {
                $place .= ' again';
            }
            $all[$place] = $one;
        }

        return $all;
    }

    /** @param  ?array{text: string, paragraph: int, sources: list<string>, issues: list<string>}  $one */
    private static function said(?array $one): string
    {
        return $one === null ? 'nothing' : '['.implode(' ', [...$one['sources'], ...array_map(static fn (string $issue): string => "!{$issue}", $one['issues'])]).']';
    }
}
