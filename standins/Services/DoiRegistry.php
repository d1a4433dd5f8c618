<?php

declare(strict_types=1);

namespace Bibrel\Standins\Services;

use Bibrel\Standins\Answer;

/** A registry of 340 made-up DOIs: content negotiation for CSL-JSON at /10.5555/…, and a title search at /works. */
final class DoiRegistry
{
    private const SIZE = 336;

    /** @param  array<string, string>  $query */
    public static function answer(string $path, array $query, string $accept): Answer
    {
        if ($path === '/works') {
            return self::search($query);
        }
        $doi = mb_strtolower(rawurldecode(ltrim($path, '/')));
        foreach (self::items() as $item) {
            if (mb_strtolower($item['DOI']) === $doi) {
                return str_contains($accept, 'citationstyles.csl+json')
                    ? new Answer(200, 'application/vnd.citationstyles.csl+json', (string) json_encode($item, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES))
                    : Answer::redirect("https://shorelinescholar.example/stable/{$doi}", 302);
            }
        }

        return new Answer(404, 'text/html; charset=utf-8', '<!doctype html><title>DOI not found</title><h1>DOI not found</h1>');
    }

    /** @param  array<string, string>  $query */
    private static function search(array $query): Answer
    {
        $words = static fn (string $text): array => preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $title = $words($query['query.title'] ?? $query['query.bibliographic'] ?? '');
        $author = $words($query['query.author'] ?? '');
        $scored = [];
        foreach (self::items() as $n => $item) {
            $names = implode(' ', array_map(static fn (array $one): string => ($one['given'] ?? '').' '.($one['family'] ?? $one['literal'] ?? ''), $item['author'] ?? []));
            $in = array_flip($words(is_array($item['title']) ? $item['title'][0] : $item['title']));
            $by = array_flip($words($names));
            $hits = count(array_filter($title, static fn (string $word): bool => isset($in[$word]) || isset($by[$word])));
            if ($title !== [] && $hits >= max(1, (int) ceil(count($title) * 0.6)) && ($author === [] || array_filter($author, static fn (string $word): bool => isset($by[$word])) !== [])) {
                $scored[] = [$hits / max(count($title), count($in)), $n, $item];
            }
        }
        usort($scored, static fn (array $a, array $b): int => [$b[0], $a[1]] <=> [$a[0], $b[1]]);
        $rows = min(20, max(1, (int) ($query['rows'] ?? 5)));

        return new Answer(200, 'application/json', (string) json_encode(['status' => 'ok', 'message' => ['total-results' => count($scored), 'items' => array_map(static fn (array $one): array => $one[2], array_slice($scored, 0, $rows))]], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }

    /** @return list<array<string, mixed>> CSL-JSON items, as untidy as registries send them */
    public static function items(): array
    {
        $of = new Invented(44_100);
        $items = self::known();
        for ($n = 1; $n <= self::SIZE; $n++) {
            [$title, $subtitle] = $of->title();
            $year = 1990 + $of->below(36);
            $kind = $of->below(12);
            $full = $title.($subtitle === '' ? '' : ": {$subtitle}");
            $first = 1 + $of->below(300);
            $base = ['DOI' => sprintf('10.5555/nm.%d.%04d', $year, $n), 'title' => $of->below(15) === 0 ? mb_strtoupper($full) : ($of->below(10) === 0 ? " {$full}. " : $full), 'author' => $of->people(5), 'issued' => ['date-parts' => [$of->below(2) === 0 ? [$year] : [$year, 1 + $of->below(12), 1 + $of->below(28)]]], 'URL' => sprintf('https://doi.org/10.5555/nm.%d.%04d', $year, $n), 'publisher' => $of->house(), 'source' => 'Registry', 'is-referenced-by-count' => $of->below(60)];
            $items[] = match (true) {
                $kind === 0 => [...$base, 'type' => 'book', 'ISBN' => [Invented::isbn(500_000 + $n)]],
                $kind === 1 => [...$base, 'type' => 'chapter', 'container-title' => implode(' ', array_filter($of->title())), 'page' => "{$first}-".($first + 18), 'editor' => [$of->person()]],
                $kind === 2 => [...$base, 'type' => 'dataset'],
                $kind === 3 => [...$base, 'type' => 'posted-content'],
                $kind === 4 => [...$base, 'type' => 'paper-conference', 'container-title' => 'Proceedings of the Northmere Ecology Meeting', 'page' => "{$first}-".($first + 7)],
                default => [...$base, 'type' => 'journal-article', 'container-title' => [$of->journal()], 'volume' => (string) (1 + $of->below(40)), 'issue' => (string) (1 + $of->below(4)), 'page' => "{$first}-".($first + 5 + $of->below(30))],
            };
        }

        return $items;
    }

    /**
     * The articles of the demo papers and of the database.
     *
     * @return list<array<string, mixed>>
     */
    private static function known(): array
    {
        $people = static fn (string ...$names): array => array_map(static fn (string $name): array => ['given' => explode(' ', $name, 2)[0], 'family' => explode(' ', $name, 2)[1]], array_values($names));

        return [
            ['DOI' => '10.5555/jch.2016.0123', 'type' => 'journal-article', 'title' => ['Grain and Tide in a Harbour Town'], 'author' => $people('Piet Ilves', 'Noor Castellan'), 'container-title' => ['Journal of Coastal History'], 'volume' => '12', 'issue' => '3', 'page' => '215-239', 'issued' => ['date-parts' => [[2016]]], 'publisher' => 'Northmere University Press', 'URL' => 'https://doi.org/10.5555/jch.2016.0123'],
            ['DOI' => '10.5555/njfe.2022.31.88', 'type' => 'journal-article', 'title' => ['Amber light and the feeding of coastal bats'], 'author' => $people('Sunniva Teal', 'Jun-ho Adebayo-Marsh'), 'container-title' => ['Northmere Journal of Field Ecology'], 'volume' => '31', 'issue' => '2', 'page' => '88-102', 'issued' => ['date-parts' => [[2022, 6, 1]]], 'publisher' => 'Northmere University Press', 'URL' => 'https://doi.org/10.5555/njfe.2022.31.88'],
            ['DOI' => '10.5555/sa.2020.44', 'type' => 'journal-article', 'title' => ['The sound a moth makes'], 'author' => $people('Dov Karsten', 'Edda Zell', 'Oona Pell'), 'container-title' => ['Shore Acoustics'], 'volume' => '4', 'page' => '44-51', 'issued' => ['date-parts' => [[2020]]], 'publisher' => 'Hollin Press', 'URL' => 'https://doi.org/10.5555/sa.2020.44'],
            ['DOI' => '10.5555/eel.bridge.2', 'type' => 'dataset', 'title' => 'Bridge counts 2019-2023', 'author' => [['literal' => 'Hollin Bay Eel Commission']], 'version' => '2.1', 'publisher' => 'Estuary Data Bank', 'issued' => ['date-parts' => [[2024, 1, 15]]]],
        ];
    }
}
