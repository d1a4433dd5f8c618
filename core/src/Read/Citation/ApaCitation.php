<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\PressNames;
use Bibrel\Core\Text\TitleLanguage;
use Bibrel\Core\Text\Words;

/** An APA entry: authors, date in parentheses, title, source (Publication Manual, 7th ed., ch. 9). */
final readonly class ApaCitation
{
    private const DATE = '(?:ca\. )?\d{4}s?[a-z]?(?:[–-]\d{4})?(?:,\s*[^()]{3,40})?'
        .'|(?:ca\. )?\d{1,4} B\.C\.E\.|\d{1,2}(?:st|nd|rd|th) century|n\.d\.(?:-[a-z])?|in press';

    public function __construct(private string $text)
    {
    }

    /** @return ?CitationParts null for what is not APA */
    public function parts(): ?CitationParts
    {
        $text = $this->text;
        $original = '';
        if (preg_match('/^(.*?)\s*\(Original work published (\d{3,4})\)\.?$/us', $text, $m) === 1) {
            [$text, $original] = [$m[1], $m[2]];
        }
        $accessed = preg_match('/Retrieved ([A-Z]\w+ \d{1,2}, \d{4}),? from/u', $text, $got) === 1 ? $got[1] : '';
        [$text, $doi, $url] = CitationParts::address($text);
        if (preg_match('/^(.{1,600}?)\s*\(('.self::DATE.')\)\.?\s*(.*)$/u', $text, $m) !== 1) {
            return null;
        }
        [, $before, $date, $rest] = $m;
        // A date that only comes after a quoted title, a volume, or before a colon is another style's.
        if (preg_match('/\.\s+“|[”“].*\d$|\bvol\.|\d+\.\d+\s*$/u', $before) === 1 || str_starts_with($rest, ':')) {
            return null;
        }
        $rest = trim((string) preg_replace('/\s*Retrieved .*$/u', '', $rest));
        $people = ApaPeople::parse($before);
        [$title, $after] = $people->isTitle
            ? [ApaTitle::parse(trim($before, ' .'))[0], $rest]
            : ApaTitle::parse($rest);
        [$kind, $container, $second, $helpers] = self::source($after, $title, $date, $url.$doi !== '', $doi !== '');
        $container = [
            ...$container,
            ...$title->fields,
            'date' => self::date($date),
            'status' => $date === 'in press' ? $date : '',
            'doi' => $doi,
            'url' => $second === [] ? $url : '',
        ];
        $kind = $title->kind ?: $kind;
        $container = $title->kind === '' ? $container : self::fitted($container, Kinds::all()->get($kind));
        $source = array_filter([
            'kind' => $kind,
            'accessed' => $accessed,
            'title' => array_filter([
                'main' => $title->main, 'translated' => $title->translated, 'names' => self::names($title->main),
            ]),
            'contributors' => [...$people->people, ...$title->people, ...$helpers],
            'containers' => [self::filled($container), ...($second === [] ? [] : [self::filled([...$second, 'url' => $url])])],
            'genre' => $title->genre,
            'subject' => $title->subject,
            'medium' => $title->medium,
            'language' => (new TitleLanguage($title->main))->code(),
            'original' => $original === '' ? [] : ['date' => $original],
        ], static fn (mixed $value): bool => $value !== '' && $value !== []);

        return new CitationParts(
            ['title' => [], 'contributors' => [], ...$source],
            self::doubts($people, $title->main, $container),
        );
    }

    /** Words no list has that the entry writes with a capital: in an APA entry they are names. */
    private static function names(string $title): string
    {
        preg_match_all('/(?<=\s)\p{Lu}[\p{L}\p{M}]+/u', $title, $capitals);
        $isUnknown = static fn (string $word): bool => Words::looksCommon(mb_strtolower($word))
            && ! Words::isCommon(mb_strtolower($word));

        return implode('; ', array_filter($capitals[0], $isUnknown));
    }

    /**
     * A kind without a larger whole has what stands after its title for a publisher; one with episodes counts by them.
     *
     * @param  array<string, mixed>  $container
     * @return array<string, mixed>
     */
    private static function fitted(array $container, Kind $kind): array
    {
        $moves = [
            [ContainerField::Title, ContainerField::Publisher],
            [ContainerField::Number, ContainerField::Episode],
        ];
        foreach ($moves as [$from, $to]) {
            if (isset($container[$from->value]) && ! $kind->hasField($from->at()) && $kind->hasField($to->at())) {
                $container[$to->value] ??= $container[$from->value];
                unset($container[$from->value]);
            }
        }

        return $container;
    }

    /**
     * @param  array<string, mixed>  $container
     * @return list<Issue>
     */
    private static function doubts(ApaPeople $people, string $title, array $container): array
    {
        $doubts = [];
        if ($people->isShortened) {
            $doubts[] = CitationParts::cutShort('The entry leaves people out between the first and the last. Add them from '
                .'the source; the style shortens the list itself.');
        }
        $cut = preg_match('/^(.{3,120}?[?!])\s+(\p{Lu}.*)$/u', $title, $m) === 1 ? $m[1] : '';
        if ($cut !== '' && ($container['title'] ?? '') === '') {
            $doubts[] = CitationParts::doubt(FieldPath::title(), "The title may end at “{$cut}”, with the site’s or journal’s "
                .'name after it.', $cut);
        }

        return $doubts;
    }

    /** "2021, November 2" as one would write it; "n.d." as nothing. */
    private static function date(string $date): string
    {
        if (preg_match('/^n\.d\.|^in press/', $date) === 1) {
            return '';
        }
        $date = (string) preg_replace('/(?<=\d{4})[a-z]\b/', '', $date);
        $date = preg_match('/^(\d{4}),\s*(.+)$/u', $date, $m) === 1
            ? $m[2].(preg_match('/\d$/', $m[2]) === 1 ? ', ' : ' ').$m[1]
            : $date;

        return CitedDate::text($date);
    }

    /**
     * What stands after the title.
     *
     * @return array{string, array<string, mixed>, array<string, string>, list<array<string, mixed>>} kind, first
     *         container, second container, and people of the source itself
     */
    private static function source(string $after, ApaTitle $title, string $date, bool $isOnline, bool $hasDoi): array
    {
        $source = trim($after, ' .');
        if (preg_match('/^In (.+)$/us', $after, $m) === 1) {
            [$container, $helpers] = self::whole($m[1]);
            $kind = match (true) {
                preg_match('/^Proceedings\b/u', (string) ($container['title'] ?? '')) === 1 => 'conference-paper',
                $isOnline && ! isset($container['pages']) && ! isset($container['contributors']) => 'online-reference',
                default => 'chapter',
            };

            return [$kind, $container, [], $helpers];
        }
        $after = self::withCommas(trim($after));
        // After the pages of an article some name the database.
        [$first, $database] = [...(new Sentences($after))->all(), '', ''];
        if ($database !== '' && preg_match('/,\s*\d{1,4}(?:\(|,).*\d\+?\.?$/u', $first) === 1) {
            [$kind, $container] = self::source($first, $title, $date, $isOnline, $hasDoi);

            return [$kind, $container, ['title' => rtrim($database, '. ')], []];
        }
        $issue = self::issue(rtrim($after, '.'), $date, $hasDoi)
            ?? self::paged($source, $date, str_contains($after, ', p'));

        return $issue === null ? [...self::plain($source, $title, $isOnline, $date), []] : [...$issue, [], []];
    }

    /** Elsewhere a colon parts the issue from the pages: "Journal 19(3): 5-22", or words name the numbers. */
    private static function withCommas(string $text): string
    {
        $numbers = '/,\s*vol(?:ume|\.)\s*(\d+)(?:,\s*(?:no\.|issue|number)\s*(\d[\d–\/-]*))?(?=,|\.?$)/iu';
        $colon = '/^([^,]+?)[,.]?\s+(\d{1,4})\s?\((\d[^)]*)\)[:,]\s*((?:pp?\.\s*)?\w+(?:[–-]\w+)?)\.?$/u';

        return str_replace('()', '', (string) preg_replace([$numbers, $colon], [', $1($2)', '$1, $2($3), $4'], $text));
    }

    /** @return ?array{string, array<string, string>} kind and container of an article in a volume */
    private static function issue(string $text, string $date, bool $hasDoi): ?array
    {
        $pages = '(?:,\s*(?:pp?\.\s*)?((?:Article\s+)?[\w–-]+(?:,\s*[\d–-]+)*\+?))?';
        if (preg_match("/^(.+?),\\s*(\\d{1,4})(?:\\s?\\(([^)]+)\\))?{$pages}$/u", $text, $m) !== 1) {
            return null;
        }
        $place = $m[4] ?? '';
        // The day or month of an issue is a magazine's, unless it has a DOI.
        $isMagazine = ! $hasDoi && preg_match('/,\s*(?!Spring|Summer|Fall|Autumn|Winter)\p{L}/u', $date) === 1;

        return [
            $isMagazine ? 'magazine-article' : 'journal-article',
            [
                'title' => $m[1],
                'volume' => $m[2],
                'issue' => $m[3] ?? '',
                ...(str_starts_with($place, 'Article')
                    ? ['articleNumber' => trim(substr($place, 7))]
                    : ['pages' => (new PageRange($place))->typed()]),
            ],
        ];
    }

    /** @return ?array{string, array<string, string>} kind and container of an article that has pages and no volume */
    private static function paged(string $text, string $date, bool $hasPageWord): ?array
    {
        if (preg_match('/^(.+?),\s*(?:pp?\.\s*)?([A-Z]?\d+[\d–\-, A-Z]*\+?)$/u', $text, $m) !== 1) {
            return null;
        }
        $isPaper = preg_match('/^[A-Z]\d/', $m[2]) === 1 || (new PressNames($m[1]))->isNewspaper() || $hasPageWord;
        $isDaily = preg_match('/\d{4},\s*\p{L}+ \d/u', $date) === 1;

        return [
            $isDaily && $isPaper ? 'newspaper-article' : 'magazine-article',
            ['title' => $m[1], 'pages' => (new PageRange($m[2]))->typed()],
        ];
    }

    /**
     * @return array{array<string, mixed>, list<array<string, mixed>>} the book, series or reference work around a part,
     *         and who made the series
     */
    private static function whole(string $text): array
    {
        $container = [];
        $helpers = [];
        if (preg_match('/^(.+?)\s*\((Eds?|Executive Producers?|Hosts?)\.?\),\s*(.+)$/us', $text, $m) === 1) {
            $role = ['Ed' => 'editor', 'Ex' => 'executive-producer', 'Ho' => 'host'][substr($m[2], 0, 2)];
            foreach (preg_split('/\s*(?:,\s*&|&|,)\s*(?=\p{Lu}\.)/u', $m[1]) ?: [] as $name) {
                if (preg_match('/^((?:\p{Lu}\.[\s-]?)+)\s*(.+)$/u', trim($name), $n) === 1) {
                    $one = ['role' => $role, 'name' => Name::parse("{$n[2]}, {$n[1]}")->toArray()];
                    $role === 'editor' ? $container['contributors'][] = $one : $helpers[] = $one;
                }
            }
            $text = $m[3];
        }
        if (preg_match('/^(.+?)\s*\(([^)]*)\)\.\s*(.*)$/us', $text, $m) === 1) {
            $text = $m[1];
            $container['pages'] = preg_match('/pp?\.\s*([\w–-]+)/u', $m[2], $p) === 1
                ? (new PageRange($p[1]))->typed()
                : '';
            $container['edition'] = preg_match('/(\d+(?:st|nd|rd|th)|Rev\.) ed\./u', $m[2], $p) === 1 ? $p[1] : '';
            $container['volume'] = preg_match('/Vol\.\s*(\w+)/u', $m[2], $p) === 1 ? $p[1] : '';
            $container['publisher'] = trim($m[3], ' .');
        } else {
            $sentences = (new Sentences($text))->all();
            $text = $sentences[0];
            $container['publisher'] = trim(implode(' ', array_slice($sentences, 1)), ' .');
        }
        $container['title'] = trim($text, ' .');

        return [$container, $helpers];
    }

    /**
     * @return array{string, array<string, mixed>, array<string, string>} kind, the site or publisher, and a second
     *         container
     */
    private static function plain(string $source, ApaTitle $title, bool $online, string $date): array
    {
        $event = preg_match('/^([^,]+),\s+(.+)$/u', $source, $m) === 1
            ? ['title' => $m[1], 'place' => $m[2]]
            : ['title' => $source];
        $own = match ($title->kind) {
            'thesis' => [[], $source === '' ? [] : ['title' => $source]],
            'lecture', 'poster', 'slides' => [$event, []],
            'artwork', 'exhibition', 'photograph', 'map' => [$online ? ['title' => $source] : ['collection' => $source], []],
            default => null,
        };

        return $own === null ? self::house($source, $online, $date) : [$title->kind, ...$own];
    }

    /**
     * @return array{string, array<string, mixed>, array<string, string>} kind, the site or publisher, and no second
     *         container
     */
    private static function house(string $source, bool $online, string $date): array
    {
        if ($source !== '' && preg_match('/^([^:]{2,40}):\s+(.+)$/u', $source, $m) === 1) {
            return ['book', ['place' => $m[1], 'publisher' => $m[2]], []];
        }

        return match (true) {
            $source === '' => [$online ? 'web-page' : 'book', [], []],
            $date === 'in press' && preg_match('/\b(?:Press|Books|Publish\w+)\b/u', $source) !== 1 => ['journal-article', ['title' => $source], []],
            $online && preg_match('/\b(?:Press|Books|Publish\w+|Verlag|Éditions)\b/u', $source) === 1 => ['book', ['publisher' => $source], []],
            $online => [
                (new PressNames($source))->isNewspaper() && str_contains($date, ',') ? 'newspaper-article' : 'web-page',
                ['title' => $source],
                [],
            ],
            preg_match('/,/', $date) === 1 => ['newspaper-article', ['title' => $source], []],
            default => ['book', ['publisher' => $source], []],
        };
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function filled(array $fields): array
    {
        return array_filter($fields, static fn (mixed $value): bool => $value !== '' && $value !== []);
    }
}
