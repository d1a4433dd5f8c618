<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\Name;

/** An APA entry: authors, date in parentheses, title, source (Publication Manual, 7th ed., ch. 9). */
final class ApaCitation
{
    private const DATE = '(?:ca\. )?\d{4}[a-z]?(?:[–-]\d{4})?(?:,\s*[^()]{3,40})?|n\.d\.(?:-[a-z])?|in press';

    private const BRACKETS = ['Video' => 'online-video', 'Film' => 'film', 'Motion picture' => 'film', 'Data set' => 'data-set', 'Audio podcast episode' => 'podcast-episode', 'TV series episode' => 'tv-episode', 'TV series' => 'tv-series', 'Song' => 'song', 'Album' => 'album', 'Map' => 'map', 'Photograph' => 'photograph', 'Painting' => 'artwork', 'Mobile app' => 'app', 'Computer software' => 'software', 'Press release' => 'press-release', 'Letter to the editor' => 'reader-letter', 'Editorial' => 'editorial', 'Post' => 'social-post', 'Online forum post' => 'forum-post', 'Audiobook' => 'audiobook'];

    /** @return ?CitationParts null for what is not APA */
    public static function parse(string $text): ?CitationParts
    {
        [$text, $doi, $url] = CitationParts::address($text);
        if (preg_match('/^(.{1,600}?)\s*\(('.self::DATE.')\)\.?\s*(.*)$/u', $text, $m) !== 1) {
            return null;
        }
        [, $before, $date, $rest] = $m;
        // A date that only comes behind a quoted title or a volume is another style's.
        if (preg_match('/[“”]|\bvol\.|\d+\.\d+\s*$/u', $before) === 1) {
            return null;
        }
        $accessed = preg_match('/Retrieved ([A-Z]\w+ \d{1,2}, \d{4}),? from/u', $text, $got) === 1 ? $got[1] : '';
        $rest = trim((string) preg_replace('/\s*Retrieved .*$/u', '', $rest));
        $container = ['date' => self::date($date), 'doi' => $doi, 'url' => $url];
        $source = ['kind' => 'other', 'accessed' => $accessed];
        if (in_array($date, ['in press'], true)) {
            $container['status'] = $date;
        }
        [$people, $isTitle] = self::authors($before);
        if ($isTitle) {
            [$title, $source['title']] = [trim($before, ' .'), []];
            $rest = "{$title}. {$rest}";
        }
        $source['contributors'] = $people;
        $doubts = [];
        [$title, $behind] = self::title($rest);
        if (preg_match('/^(In )(.+)$/us', $behind, $m) === 1) {
            $source['kind'] = 'chapter';
            $container += self::book($m[2]);
        } elseif (preg_match('/^(.+?),\s*(\d{1,4})(?:\s?\(([^)]+)\))?(?:,\s*(?:pp?\.\s*)?((?:Article\s+)?[\w–-]+(?:,\s*[\d–-]+)*\+?))?\.?$/u', rtrim($behind, '.'), $m) === 1) {
            $source['kind'] = 'journal-article';
            $container += ['title' => $m[1], 'volume' => $m[2], 'issue' => $m[3] ?? ''];
            $container += str_starts_with($m[4] ?? '', 'Article') ? ['articleNumber' => trim(substr($m[4], 7))] : ['pages' => $m[4] ?? ''];
        } elseif (preg_match('/^(.+?),\s*(?:pp?\.\s*)?([A-Z]?\d+[\d–\-, A-Z]*\+?)\.?$/u', $behind, $m) === 1) {
            $source['kind'] = preg_match('/\d{4},\s*\p{L}+ \d/u', $date) === 1 ? 'newspaper-article' : 'magazine-article';
            $container += ['title' => $m[1], 'pages' => $m[2]];
        } else {
            [$kind, $more] = self::plain(trim($behind, ' .'), $url.$doi !== '', $date);
            $source['kind'] = $kind;
            $container += $more;
        }
        if (preg_match('/\s*\(((?:\p{Lu}\.[\s-]?)+)\s*([\p{L}’ -]+), (Trans|Ed|Illus|Narr)\.\)/u', $title, $m) === 1) {
            $title = str_replace($m[0], '', $title);
            $source['contributors'][] = ['role' => ['Trans' => 'translator', 'Ed' => 'editor', 'Illus' => 'illustrator', 'Narr' => 'narrator'][$m[3]], 'name' => Name::parse("{$m[2]}, {$m[1]}")->toArray()];
        }
        [$title, $particulars, $kind] = self::brackets($title);
        $source['kind'] = $kind !== '' ? $kind : $source['kind'];
        $container += $particulars;
        $source['title'] = ['main' => $title];
        $cut = preg_match('/^(.{3,120}?[?!])\s+(\p{Lu}.*)$/u', $title, $m) === 1 ? $m[1] : '';
        if ($cut !== '' && ($container['title'] ?? '') === '') {
            $doubts['title.main'] = [$cut, "The title may end at “{$cut}”, with the site’s or journal’s name behind it."];
        }
        $source['containers'] = [array_filter($container, static fn (mixed $value): bool => $value !== '' && $value !== [])];

        return new CitationParts($source, $doubts);
    }

    /** "2021, November 2" as one would write it; "n.d." as nothing. */
    private static function date(string $date): string
    {
        if (preg_match('/^n\.d\.|^in press/', $date) === 1) {
            return '';
        }
        $date = (string) preg_replace('/(?<=\d{4})[a-z]\b/', '', $date);

        return preg_match('/^(\d{4}),\s*(.+)$/u', $date, $m) === 1 ? "{$m[2]}, {$m[1]}" : $date;
    }

    /**
     * @return array{list<array<string, mixed>>, bool} the people; whether the words are rather the title
     */
    private static function authors(string $before): array
    {
        $role = preg_match('/\((Eds?|Directors?|Hosts?|Executive Producers?|Writers?|Trans|Producers?)\.?\)\.?\s*$/u', $before, $m) === 1 ? $m[1] : '';
        $before = (string) preg_replace('/\s*\([^()]{2,24}\)\.?\s*$/u', '', $before);
        $role = ['Ed' => 'editor', 'Director' => 'director', 'Host' => 'host', 'Executive Producer' => 'executive-producer', 'Writer' => 'writer', 'Trans' => 'translator', 'Producer' => 'producer'][preg_replace('/(?<!n)s$/', '', $role)] ?? 'author';
        $initials = '(?:\p{Lu}\.(?:[\s-]?\p{Lu}\.)*)';
        $people = [];
        if (preg_match_all("/([\\p{L}][\\p{L}’'. -]*?),\\s*({$initials})(?:,?\\s*(Jr\\.|Sr\\.|I{1,3}))?(?=\\s*(?:,|&|\\.|$|…))/u", $before, $all, PREG_SET_ORDER) >= 1) {
            foreach ($all as $one) {
                $people[] = ['role' => $role, 'name' => Name::parse(trim($one[1]).', '.$one[2].(isset($one[3]) ? ", {$one[3]}" : ''))->toArray()];
            }
            $left = trim((string) preg_replace("/([\\p{L}][\\p{L}’'. -]*?),\\s*({$initials})(?:,?\\s*(Jr\\.|Sr\\.|I{1,3}))?/u", '', $before), ' ,.&…');
            if ($left !== '' && preg_match('/\p{L}{3}/u', $left) === 1) {
                $people[] = ['role' => $role, 'name' => ['group' => $left]];
            }

            return [$people, false];
        }
        $name = trim($before, ' .');
        if (preg_match('/^@?[\w.-]+\s\[@?[\w.-]+\]$|^@/u', $name) === 1) {
            return [[['role' => $role, 'name' => ['screen' => $name]]], false];
        }
        // A handful of words with capitals is an organisation; a sentence is the title.
        $isTitle = preg_match_all('/(?:^|\s)\p{Ll}{4,}/u', $name) > 0 || preg_match('/[\]?!]$/u', $name) === 1;

        return [$isTitle || $name === '' ? [] : [['role' => $role, 'name' => ['group' => $name]]], $isTitle];
    }

    /**
     * The title ends at its first stop that closes neither an initial nor an abbreviation and stands in no brackets.
     *
     * @return array{string, string} the title with what stands in brackets behind it, and the rest
     */
    private static function title(string $rest): array
    {
        preg_match_all('/[.?!][”’]?(?=\s|$)/u', $rest, $stops, PREG_OFFSET_CAPTURE);
        foreach ($stops[0] as [$mark, $at]) {
            $before = substr($rest, 0, $at);
            $open = substr_count($before, '(') - substr_count($before, ')') + substr_count($before, '[') - substr_count($before, ']');
            if ($open > 0 || $mark === '.' && preg_match('/(?:^|[\s(&-])(?:\p{Lu}|vs|eds?|vol|no|pp?|trans|mr|mrs|dr|st|inc|jr)$/iu', $before) === 1) {
                continue;
            }
            $title = $mark[0] === '.' ? $before : $before.$mark;
            $behind = trim(substr($rest, $at + strlen($mark)));
            if (preg_match('/^((?:\s*(?:\([^)]*\)|\[[^\]]*\]))+)\.?\s*(.*)$/us', $behind, $m) === 1) {
                return [$title.' '.trim($m[1]), $m[2]];
            }

            return [$title, $behind];
        }

        return [rtrim($rest, '.'), ''];
    }

    /** @return array<string, mixed> the book around a chapter */
    private static function book(string $text): array
    {
        $container = [];
        if (preg_match('/^(.+?)\s*\((Eds?)\.\),\s*(.+)$/us', $text, $m) === 1) {
            foreach (preg_split('/\s*(?:,\s*&|&|,)\s*(?=\p{Lu}\.)/u', $m[1]) ?: [] as $name) {
                if (preg_match('/^((?:\p{Lu}\.[\s-]?)+)\s*(.+)$/u', trim($name), $n) === 1) {
                    $container['contributors'][] = ['role' => 'editor', 'name' => Name::parse("{$n[2]}, {$n[1]}")->toArray()];
                }
            }
            $text = $m[3];
        }
        if (preg_match('/^(.+?)\s*\(([^)]*)\)\.\s*(.*)$/us', $text, $m) === 1) {
            $text = $m[1];
            $container['pages'] = preg_match('/pp?\.\s*([\w–-]+)/u', $m[2], $p) === 1 ? $p[1] : '';
            $container['edition'] = preg_match('/(\d+(?:st|nd|rd|th)|Rev\.) ed\./u', $m[2], $p) === 1 ? $p[1] : '';
            $container['volume'] = preg_match('/Vol\.\s*(\w+)/u', $m[2], $p) === 1 ? $p[1] : '';
            $container['publisher'] = trim($m[3], ' .');
        }
        $container['title'] = trim($text, ' .');

        return $container;
    }

    /** @return array{string, array<string, string>} kind, and the site or publisher */
    private static function plain(string $source, bool $online, string $date): array
    {
        if ($source !== '' && preg_match('/^([^:]{2,40}):\s+(.+)$/u', $source, $m) === 1) {
            return ['book', ['place' => $m[1], 'publisher' => $m[2]]];
        }

        return match (true) {
            $source === '' => [$online ? 'web-page' : 'book', []],
            $online && preg_match('/\b(?:Press|Books|Publish\w+|Verlag|Éditions)\b/u', $source) === 1 => ['book', ['publisher' => $source]],
            $online => ['web-page', ['title' => $source]],
            preg_match('/,/', $date) === 1 => ['newspaper-article', ['title' => $source]],
            default => ['book', ['publisher' => $source]],
        };
    }

    /** @return array{string, array<string, string>, string} title, edition and the like, kind */
    private static function brackets(string $title): array
    {
        $more = [];
        $kind = '';
        if (preg_match('/\s*\[([^\]]+)\]$/u', $title, $m) === 1) {
            $kind = self::BRACKETS[$m[1]] ?? (preg_match('/dissertation|thesis/i', $m[1]) === 1 ? 'thesis' : '');
            $title = substr($title, 0, -strlen($m[0]));
        }
        if (preg_match('/\s*\(([^()]*(?:ed\.|Vol\.|No\.|Version)[^()]*)\)$/u', $title, $m) === 1) {
            $title = substr($title, 0, -strlen($m[0]));
            $more['edition'] = preg_match('/((?:\d+(?:st|nd|rd|th)|Rev\.|Revised)) ed\./u', $m[1], $p) === 1 ? $p[1] : '';
            $more['volume'] = preg_match('/Vol\.\s*(\w+)/u', $m[1], $p) === 1 ? $p[1] : '';
            $more['number'] = preg_match('/No\.\s*([\w.\/-]+)/u', $m[1], $p) === 1 ? $p[1] : '';
            $more['version'] = preg_match('/Version\s*([\w.]+)/u', $m[1], $p) === 1 ? $p[1] : '';
            $kind = $kind === '' && str_contains($m[1], 'Report No.') ? 'report' : $kind;
        }

        return [$title, array_filter($more, static fn (string $value): bool => $value !== ''), $kind];
    }
}
