<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;

/**
 * Takes apart what stands in one pair of parentheses, in either style and every usual form. What is no citation by its
 * shape is null: an aside, a year, an equation. Whether a name alone is a citation only the sources can tell.
 *
 * Source: MLA Handbook, 9th ed., ch. 6; APA Publication Manual, 7th ed., 8.10 to 8.36.
 */
final readonly class CiteParser
{
    private const YEAR = '(?:(?:ca?\.\s?)?(?:\d{3,4}\/)?(?:1[0-9]|20)\d\d[a-z]?(?:\s?[–-]\s?(?:1[0-9]|20)?\d\d)?'
        .'|n\.\s?d\.(?:-[a-z])?|in press(?:-[a-z])?)';

    private const ROMAN = '(?=[ivxlc])(?:c{0,3}(?:xc|xl|l?x{0,3})(?:ix|iv|v?i{0,3}))(?![\p{L}])';

    private string $places;

    private DraftWords $words;

    public function __construct()
    {
        $this->words = DraftWords::all();
        $number = '(?:§\s?)?(?:\d+(?:[.:]\d+)*(?:n\d+|[a-z](?!\p{L}))?|'.self::ROMAN
            .'|[A-Z]\d+(?:\.\d+)*\+?|[IVX]+(?![\p{L}]))';
        $range = "{$number}(?:\\s?[–—-]{1,2}\\s?{$number}|\\+|ff?\\.)?";
        $value = "{$range}(?:(?:,\\s?|\\s(?:and|&)\\s){$range})*";
        $label = "{$this->words->places()}\\b\\.?\\s*";
        $one = "(?:(?i:{$label}))?{$value}";
        $this->places = "(?:{$one}(?:[,:]\\s?{$one})*|[“\"]?[\\p{Lu}][^,;()]{2,40}?[”\"]? section)";
    }

    /**
     * @param  string  $inside  without the parentheses around it
     * @return ?non-empty-list<Cite> one for each source; null where not all of it is a citation
     */
    public function parse(string $inside): ?array
    {
        $cites = [];
        // A sentence of its own in parentheses ends with a full stop.
        $inside = (string) preg_replace('/(?<!\.\p{L}|\bal)\.$/u', '', $inside);
        foreach (self::items($inside) as $item) {
            $cite = $this->item($item) ?? $this->withoutRemark($item);
            if ($cite === null) {
                return null;
            }
            // "Brook, 2014; 2016": the name goes on.
            $before = $cites === [] ? '' : $cites[count($cites) - 1]->who;
            $cites[] = $cite->who === '' ? $cite->of($before) : $cite;
        }

        return $cites === [] ? null : $cites;
    }

    /** A citation with a year that stands inside other words: "(a claim also made by Brook, 2014)". */
    public function within(string $inside): ?Cite
    {
        $name = "\\p{Lu}[\\p{L}\\p{M}’'-]+";
        $names = "{$name}(?:(?:, {$name})*,? (?:and|&) {$name}| et al\\.)?";
        $found = preg_match("/(?<names>{$names}), (?<rest>".self::YEAR.'.*)$/u', $inside, $m) === 1;

        return $found ? $this->item("{$m['names']}, {$m['rest']}") ?? $this->item(
            "{$m['names']}, ".(string) preg_replace('/(?<=\d)(?:,?\s+(?!p)[\p{Ll}].*|;.*)$/u', '', $m['rest']),
        ) : null;
    }

    /** "Marsh, 2018, for a different view": what is remarked on a source after its year or place. */
    private function withoutRemark(string $item): ?Cite
    {
        $remark = '/^(.*?'.self::YEAR."(?:,\\s*{$this->places})?),\\s+\\p{Ll}{2,}[^,;]*$/u";

        return preg_match($remark, $item, $m) === 1 ? $this->item($m[1]) : null;
    }

    /** @return list<string> parted at semicolons that stand in no brackets */
    private static function items(string $inside): array
    {
        // Some write "and" or "with" where a semicolon parts two sources with their years.
        $year = self::YEAR;
        $and = "(?<=\\d|\\d[a-z]),? (?:and|with|or) (?=\\p{Lu}[^;]*, {$year})";
        $parts = preg_split("/\\s*;\\s*(?![^\\[]*\\])|{$and}/u", $inside) ?: [];

        return array_values(array_filter(array_map(trim(...), $parts), static fn (string $one): bool => $one !== ''));
    }

    private function item(string $item): ?Cite
    {
        $bare = (string) preg_replace('/^(?:'.$this->words->pattern('signals').'\s+)+/iu', '', $item);
        $passesOn = false;
        if (preg_match('/^(.*?)\b'.$this->words->pattern('passing on').'\s+(.+)$/iu', $bare, $m) === 1) {
            $passesOn = true;
            $bare = $m[2];
        }
        $personal = $this->words->pattern('personal');
        if (preg_match("/^(.{2,60}?),\\s*{$personal}\\b/iu", $bare, $m) === 1) {
            return (new Who($m[1]))->isPossible() ? new Cite($item, $m[1], isPersonal: true) : null;
        }

        return $this->dated($item, $bare, $passesOn) ?? $this->undated($item, $bare, $passesOn);
    }

    /** With a year: "Brook, 2014, p. 15", and "2014, p. 15" after a name. */
    private function dated(string $item, string $bare, bool $passesOn): ?Cite
    {
        $year = self::YEAR;
        $pattern = "/^(?:(?!{$year})(?<who>\\S.*?)(?<before>,[”\"’']?\\s*|\\s+))?(?<years>{$year}(?:,\\s*{$year})*)"
            ."(?:(?<sep>,\\s*|:\\s*|\\s+)(?<places>{$this->places}))?$/u";
        if (preg_match($pattern, $bare, $m, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        $who = trim((string) $m['who']);
        $before = (string) $m['before'];
        if (preg_match('/[“"”]/u', $before) === 1) {
            $who .= preg_match('/[”"]/u', $before, $mark) === 1 ? $mark[0] : '';
        }
        // "12 May 1914" and "about 1914" are dates.
        $who = new Who($who);
        if ($who->words !== '' && ! $who->isPossible()) {
            return null;
        }

        return new Cite(
            $item,
            $who->unquoted(),
            years: preg_split('/,\s*/', (string) $m['years']) ?: [],
            places: $this->placesIn((string) $m['places']),
            beforeYears: str_contains($before, ',') ? ', ' : ($before === '' ? '' : ' '),
            beforePlaces: (string) $m['sep'],
            passesOn: $passesOn,
            isQuotedTitle: $who->isQuoted(),
        );
    }

    /** Without a year: "Brook 15", "Brook, Moonpower 15", "15", "Brook". */
    private function undated(string $item, string $bare, bool $passesOn): ?Cite
    {
        if (preg_match("/^{$this->places}$/u", $bare) === 1) {
            return new Cite($item, places: $this->placesIn($bare), passesOn: $passesOn);
        }
        $pattern = "/^(?<who>\\S.*?)(?:(?<sep>[,:]?[”\"]?\\s+|,)(?<places>{$this->places}))?$/u";
        if (preg_match($pattern, $bare, $m, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        [$who, $separator] = [(string) $m['who'], (string) $m['sep']];
        if (preg_match('/[”"]/u', $separator, $mark) === 1) {
            $who .= $mark[0];
        }
        $who = new Who($who);
        if (! $who->isPossible()) {
            return null;
        }
        [$who, $work] = $who->parted();

        return new Cite(
            $item,
            $who->unquoted(),
            $work->unquoted(),
            places: $this->placesIn((string) $m['places']),
            beforePlaces: (string) preg_replace('/[”"]/u', '', $separator),
            passesOn: $passesOn,
            isQuotedTitle: $who->isQuoted(),
        );
    }

    /** @return list<Place> */
    private function placesIn(string $text): array
    {
        if ($text === '') {
            return [];
        }
        if (preg_match('/^[“"]?(.+?)[”"]? section$/u', $text, $m) === 1) {
            return [new Place('section', $m[1])];
        }
        $places = [];
        // A label begins a new place; numbers after a comma belong to the one before.
        foreach (preg_split("/[,:]\\s?(?=(?i:{$this->words->places()})\\b)|(?<=^\\d):\\s/u", $text) ?: [] as $part) {
            preg_match("/^(?:(?<label>(?i:{$this->words->places()})\\b\\.?)\\s*)?(?<value>.*)$/u", trim($part), $m);
            $label = (string) ($m['label'] ?? '');
            $places[] = new Place($label, $m['value'] ?? '');
        }

        return $places;
    }
}
