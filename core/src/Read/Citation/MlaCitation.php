<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PartialDate;

/** An MLA entry: author, title, then each container's elements between commas (MLA Handbook, 9th ed., ch. 5). */
final class MlaCitation
{
    private const MONTH = '(?:Jan|Feb|Mar|Apr|May|June?|July?|Aug|Sept?|Oct|Nov|Dec)[a-z]*\.?';

    private const ROLES = ['edited by' => 'editor', 'translated by' => 'translator', 'directed by' => 'director', 'illustrated by' => 'illustrator', 'narrated by' => 'narrator', 'introduction by' => 'introduction', 'hosted by' => 'host', 'uploaded by' => 'uploader', 'performance by' => 'performer', 'performances by' => 'performer', 'created by' => 'creator', 'compiled by' => 'compiler'];

    public static function parse(string $text): CitationParts
    {
        $accessed = '';
        if (preg_match('/^(.*?)\s*Accessed\s+(.+?)\.?$/us', $text, $m) === 1) {
            [$text, $accessed] = [$m[1], trim($m[2], ' .')];
        }
        [$text, $doi, $url] = CitationParts::address(rtrim($text));
        $text = trim($text);
        $source = ['kind' => 'other', 'accessed' => $accessed];
        // The 7th edition closes with the medium and, on the web, the day of access.
        if (preg_match('/^(.*[.”])\s+(Print|Web|Film|DVD|CD|Television|Radio|E-mail)\.(?:\s+(\d{1,2} '.self::MONTH.' \d{4})\.?)?$/us', $text, $m) === 1) {
            $text = $m[1];
            $source['accessed'] = $m[3] ?? $accessed;
        }
        $doubts = [];
        if (preg_match('/^(.*?)“(.+?)”\.?\s*(.*)$/us', $text, $m) === 1 && mb_strlen($m[1]) < 200) {
            $source['contributors'] = self::authors(trim($m[1]));
            $source['title'] = ['main' => rtrim($m[2], '.,')];
            [$containers, $kind, $people] = self::containers($m[3], true);
        } else {
            [$authors, $title, $rest, $doubt] = self::unquoted($text);
            $source['contributors'] = self::authors($authors);
            $source['title'] = ['main' => $title];
            $doubts = $doubt;
            [$containers, $kind, $people] = self::containers($rest, false);
            $kind = $kind === 'web-page' && ($containers[0]['title'] ?? '') === '' && $url === '' ? 'book' : $kind;
        }
        $source['contributors'] = [...$source['contributors'], ...$people];
        $last = count($containers) - 1;
        // A DOI is the article's own, wherever the entry has it.
        $containers[0] = array_filter([...$containers[0], 'doi' => $doi], static fn (mixed $value): bool => $value !== '' && $value !== []);
        $containers[$last] = array_filter([...$containers[$last], 'url' => $url], static fn (mixed $value): bool => $value !== '' && $value !== []);
        $source['kind'] = $kind === 'web-page' && $url.$doi === '' ? 'magazine-article' : $kind;
        $source['containers'] = $containers;

        return new CitationParts($source, $doubts);
    }

    /** @return list<array<string, mixed>> */
    private static function authors(string $text): array
    {
        $text = rtrim($text, ' .');
        if ($text === '') {
            return [];
        }
        $role = preg_match('/,\s*(editors?|eds?\.?|translators?|trans\.?|directors?)$/u', $text, $m) === 1 ? ['e' => 'editor', 't' => 'translator', 'd' => 'director'][$m[1][0]] : 'author';
        $text = (string) preg_replace('/,\s*(?:editors?|eds?\.?|translators?|trans\.?|directors?)$/u', '', $text);
        $text = (string) preg_replace('/,?\s*et al\.?$/u', '', $text);
        $one = static fn (Name $name): array => ['role' => $role, 'name' => $name->toArray()];
        if (str_starts_with($text, '@') || preg_match('/\[@/', $text) === 1) {
            return [$one(Name::screen($text))];
        }
        // "Family, Given": the first is turned round, a second follows "and".
        if (preg_match('/^([^,]+),\s*([^,]+?)(?:,\s*(Jr\.?|Sr\.?|I{1,3}))?(?:,?\s+and\s+(.+))?$/u', $text, $m) === 1 && preg_match('/\b(?:of|for|the)\b/u', $m[1]) !== 1) {
            $people = [$one(Name::parse("{$m[1]}, {$m[2]}".(($m[3] ?? '') !== '' ? ", {$m[3]}" : '')))];
            if (($m[4] ?? '') !== '') {
                $people[] = $one(Name::looksLikeGroup($m[4]) ? Name::group($m[4]) : Name::parse($m[4]));
            }

            return $people;
        }

        return [$one(Name::looksLikeGroup($text) || substr_count($text, ' ') > 0 ? Name::group($text) : Name::person('', $text))];
    }

    /** @return array{string, string, string, array<string, array{string, string}>} authors, title, the rest, doubts */
    private static function unquoted(string $text): array
    {
        $sentences = preg_split('/(?<=[.?!])(?<!\b\p{Lu}\.)(?<!\bed\.)(?<!\bvol\.)(?<!\bno\.)(?<!\bpp\.)(?<!\bal\.)(?<!\bJr\.)\s+(?=\p{Lu}|\d|[“])/u', $text) ?: [$text];
        if (count($sentences) === 1) {
            return ['', rtrim($sentences[0], '.'), '', []];
        }
        $isName = preg_match('/^[\p{Lu}@][^,]{1,40},\s+\p{Lu}[^,]{0,60}(?:,.*)?\.$/u', $sentences[0]) === 1 && preg_match('/\d/', $sentences[0]) !== 1;
        $isTitleFirst = ! $isName && (count($sentences) === 2 || preg_match('/^(?:directed|edited|translated|created)\b/iu', $sentences[1]) === 1);
        if ($isTitleFirst) {
            return ['', rtrim($sentences[0], '.'), implode(' ', array_slice($sentences, 1)), []];
        }
        $rest = implode(' ', array_slice($sentences, 2));
        $doubts = [];
        if (! $isName && count($sentences) > 2) {
            $doubts['contributors'] = [rtrim($sentences[0], '.'), "“{$sentences[0]}” may be an organisation that made it, or the title itself."];
        }

        return [$sentences[0], rtrim($sentences[1], '.'), $rest, $doubts];
    }

    /**
     * @return array{non-empty-list<array<string, mixed>>, string, list<array<string, mixed>>} containers, kind, and the people behind the title
     */
    private static function containers(string $text, bool $quoted): array
    {
        $chunks = preg_split('/(?<=[\p{Ll}\d)”]{2}\.)(?<!\bed\.)(?<!\bvol\.)(?<!\bno\.)(?<!\bpp\.)(?<!\bal\.)(?<!Jan\.)(?<!Feb\.)(?<!Mar\.)(?<!Apr\.)(?<!Aug\.)(?<!Sept\.)(?<!Oct\.)(?<!Nov\.)(?<!Dec\.)(?<!Inc\.)(?<!Co\.)\s+(?=\p{Lu}|\d)/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $people = [];
        $containers = [];
        $kind = $quoted ? 'web-page' : 'book';
        $original = '';
        foreach ($chunks as $chunk) {
            $chunk = rtrim($chunk, ' .');
            if ($containers === [] && preg_match('/^\d{4}$/', $chunk) === 1) {
                $original = $chunk;

                continue;
            }
            [$container, $found, $guess] = self::elements($chunk, $quoted || $containers !== []);
            $kind = $guess !== '' && $containers === [] ? $guess : $kind;
            // People named right behind the title, before any container, belong to the source itself.
            if ($found !== [] && count(array_filter($container, static fn (mixed $value): bool => $value !== '')) === 0) {
                $people = [...$people, ...$found];

                continue;
            }
            if ($quoted && $kind === 'chapter') {
                $container['contributors'] = $found;
            } else {
                $people = [...$people, ...$found];
            }
            $containers[] = $container;
        }
        if ($containers === []) {
            $containers[] = [];
        }
        if ($original !== '' && ($containers[0]['date'] ?? '') === '') {
            $containers[0]['date'] = $original;
        }

        return [array_slice($containers, 0, 3), $kind, $people];
    }

    /**
     * The 7th edition's way with a periodical: "Journal 12.3 (2016): 215–39" and "Courier 2 Nov. 2021: A12".
     *
     * @param  array<string, mixed>  $container
     */
    private static function seventh(string $chunk, array &$container): string
    {
        if (preg_match('/^(.+?)\s+(\d+)(?:\.(\d+))?\s+\((.*?\d{4})\):\s*(.+)$/u', $chunk, $m) === 1) {
            $container = ['volume' => $m[2], 'issue' => $m[3], 'date' => $m[4], 'pages' => $m[5]];

            return $m[1];
        }
        if (preg_match('/^(.+?)\s+((?:\d{1,2} )?'.self::MONTH.' \d{4}):\s*(.+)$/u', $chunk, $m) === 1) {
            $container = ['date' => $m[2], 'pages' => $m[3]];

            return $m[1];
        }

        return $chunk;
    }

    /** @return list<string> two people where both have given and family name; else one name that has an "and" in it */
    private static function names(string $text): array
    {
        return preg_match('/^(\S+ \S.*?)\s+and\s+(\S+ \S.*)$/u', $text, $m) === 1 ? [$m[1], $m[2]] : [$text];
    }

    /**
     * @return array{array<string, mixed>, list<array<string, mixed>>, string} elements, people, and what kind they speak for
     */
    private static function elements(string $chunk, bool $hasTitle): array
    {
        $container = [];
        $people = [];
        $left = [];
        $chunk = self::seventh($chunk, $container);
        foreach (preg_split('/,\s+/u', $chunk) ?: [] as $i => $piece) {
            $piece = trim($piece);
            $role = '';
            foreach (self::ROLES as $words => $value) {
                if (preg_match("/^{$words}\\s+(.+)$/iu", $piece, $m) === 1) {
                    foreach (self::names((string) preg_replace('/\s+et al\.?$/u', '', $m[1])) as $name) {
                        $people[] = ['role' => $value, 'name' => (Name::looksLikeGroup($name) ? Name::group($name) : Name::parse($name))->toArray()];
                    }
                    $role = $value;
                }
            }
            $isDate = preg_match('/^(?:\d{1,2}\s+)?(?:'.self::MONTH.'(?:[–-]'.self::MONTH.')?\s+|(?:spring|summer|fall|autumn|winter)\s+)?\d{4}(?:[–-]\d{2,4})?$/iu', $piece) === 1;
            match (true) {
                $role !== '' => null,
                $isDate => $container['date'] ??= PartialDate::parse($piece)->isDate() ? PartialDate::parse($piece)->words() : $piece,
                preg_match('/^vol\.\s*(.+)$/iu', $piece, $m) === 1 => $container['volume'] = $m[1],
                preg_match('/^nos?\.\s*(.+)$/iu', $piece, $m) === 1 => $container['issue'] = $m[1],
                preg_match('/^pp?\.\s*(.+)$/iu', $piece, $m) === 1 => $container['pages'] = $m[1],
                preg_match('/^season\s+(\d+)$/iu', $piece, $m) === 1 => $container['season'] = $m[1],
                preg_match('/^episode\s+(\d+)$/iu', $piece, $m) === 1 => $container['episode'] = $m[1],
                preg_match('/^(.+?)\s+ed\.?$/u', $piece, $m) === 1 => $container['edition'] = $m[1],
                preg_match('/^version\s+(.+)$/iu', $piece, $m) === 1 => $container['version'] = $m[1],
                default => $left[$i] = $piece,
            };
        }
        if ($left !== [] && $hasTitle && array_key_first($left) === 0) {
            $container['title'] = array_shift($left);
        }
        if ($left !== []) {
            $container['publisher'] = implode(', ', $left);
        }
        $kind = match (true) {
            isset($container['season']) || isset($container['episode']) => 'tv-episode',
            isset($container['volume'], $container['title']) && (isset($container['issue']) || isset($container['pages'])) && ! isset($container['publisher']) => 'journal-article',
            isset($container['pages'], $container['title']) && isset($container['publisher']) => 'chapter',
            isset($container['pages'], $container['title']) => preg_match('/^[A-Z]\d/', (string) $container['pages']) === 1 ? 'newspaper-article' : 'magazine-article',
            array_column($people, 'role') === ['director'] && ! isset($container['title']) => 'film',
            default => '',
        };

        return [$container, $people, $kind];
    }
}
