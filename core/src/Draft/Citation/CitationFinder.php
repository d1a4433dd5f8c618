<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;
use Bibrel\Core\Draft\Paragraph;

/** Finds the citations in the text of a draft: pairs of parentheses, with the name in the sentence that belongs to them. */
final class CitationFinder
{
    private readonly CiteParser $parser;

    private readonly Mentions $mentions;

    /** @var string all text outside parentheses, as it is compared: names of the story itself stand in it */
    private string $story = '';

    /**
     * @param  bool  $namesYears  whether the style of the paper is one that names years
     */
    public function __construct(private readonly SourceIndex $sources, private readonly bool $namesYears)
    {
        $this->parser = new CiteParser;
        $this->mentions = new Mentions($sources);
    }

    /**
     * @param  list<Paragraph>  $paragraphs
     * @return list<Found> in their order
     */
    public function find(array $paragraphs): array
    {
        $this->story = ' '.Plain::words(implode(' ', array_map(
            static fn (Paragraph $one): string => (string) preg_replace('/\([^()]*\)/u', ' ', $one->text),
            $paragraphs,
        ))).' ';
        $found = [];
        foreach ($paragraphs as $paragraph) {
            $here = [];
            $sentences = new Sentences($paragraph->text);
            $end = 0;
            foreach (self::parentheses($paragraph->text) as [$start, $length]) {
                $one = $start < $end ? null : $this->at($paragraph, $sentences, $start, $length, $here);
                if ($one !== null) {
                    $here[] = $one;
                    $end = $start + $length;
                }
            }
            array_push($found, ...$here);
        }

        return $found;
    }

    /** @return list<array{int, int}> start and length of each pair, in bytes; an outer one before those within it */
    private static function parentheses(string $text): array
    {
        $pairs = [];
        $open = [];
        preg_match_all('/[()]/', $text, $marks, PREG_OFFSET_CAPTURE);
        foreach ($marks[0] as [$mark, $at]) {
            if ($mark === '(') {
                $open[] = $at;
            } elseif ($open !== []) {
                $start = array_pop($open);
                $pairs[] = [$start, $at + 1 - $start];
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $pairs;
    }

    /** @param  list<Found>  $here  those found in the paragraph before; one may get its place from this one */
    private function at(Paragraph $paragraph, Sentences $sentences, int $start, int $length, array &$here): ?Found
    {
        $text = $paragraph->text;
        $inside = trim(substr($text, $start + 1, $length - 2));
        $before = substr($text, 0, $start);
        $from = $sentences->startOf($start);
        $sentence = substr($text, $from, min($sentences->endOf($start), strlen($text)) - $from);
        if ($this->isIntroduction($inside, $before)) {
            return null;
        }
        if (preg_match('/^(?:personal communication|pers\. comm\.|personal interview)\b/iu', $inside) === 1) {
            $name = $this->mentions->before($before);

            return $name === '' ? null : $this->narrative($paragraph, $start, $length, $name, [new Cite($inside, isPersonal: true)], $sentence);
        }
        $cites = $this->parser->parse($inside);
        if ($cites === null) {
            $within = $this->parser->within($inside);

            return $within !== null && $this->sources->named($within->who) !== []
                ? $this->found($paragraph, $start, $length, [$within], $sentence, $before)
                : null;
        }
        $isNameless = array_filter($cites, static fn (Cite $one): bool => $one->who !== '') === [];
        if (! $isNameless) {
            return $this->parenthetical($paragraph, $start, $length, $cites, $sentence, $before);
        }
        $name = $this->mentions->before($before);
        if ($cites[0]->years !== []) {
            return $this->yearAfterName($paragraph, $start, $length, $cites, $sentence, $name);
        }

        return $this->placeAlone($paragraph, [$start, $length], $cites, $sentence, substr($text, $from, $start - $from), $here);
    }

    /**
     * Names or titles in parentheses.
     *
     * @param  list<Cite>  $cites
     */
    private function parenthetical(
        Paragraph $paragraph,
        int $start,
        int $length,
        array $cites,
        string $sentence,
        string $before,
    ): ?Found {
        $after = substr($paragraph->text, $start + $length);
        foreach ($cites as $cite) {
            if ($cite->who !== '' && ! $cite->isPersonal && ! $this->isCited($cite, $before, $after)) {
                return null;
            }
        }
        // "Northmere Mill Trust (NMT, 2020)": the name in full stands in the sentence.
        $first = $cites[0];
        $author = count($cites) === 1 && ! $this->namesYears ? $this->authorInSentence($first, $sentence, $before) : '';
        if ($author !== '') {
            return $this->narrative($paragraph, $start, $length, $author, [$first->ofWork($first->who)], $sentence, isApart: true);
        }
        if (count($cites) === 1 && $first->years !== [] && preg_match('/^\p{Lu}{2,}$/u', $first->who) === 1) {
            $name = $this->mentions->before($before);
            if ($name !== '' && self::initials($name) === $first->who) {
                $this->sources->introduce($first->who, $name);

                return $this->narrative($paragraph, $start, $length, $name, $cites, $sentence);
            }
        }
        foreach ($cites as $cite) {
            if (preg_match('/^(.+?)\s*\[(\p{L}{2,10})\]$/u', $cite->who, $m) === 1) {
                $this->sources->introduce($m[2], $m[1]);
            }
        }

        return $this->found($paragraph, $start, $length, $cites, $sentence, $before);
    }

    /** Who wrote the title in parentheses, where the sentence has said it: "Brook counts forty (Moonpower 15)". */
    private function authorInSentence(Cite $cite, string $sentence, string $before): string
    {
        if ($cite->who === '' || $this->sources->group($cite->who) !== [] || $this->sources->exact($cite->who) !== []) {
            return '';
        }
        $titled = $this->sources->titled($cite->who);
        $at = strrpos($before, substr($sentence, 0, min(strlen($sentence), 20)));
        $name = $this->mentions->lastKnown($at === false ? $before : substr($before, $at));
        $by = $name === '' ? [] : $this->sources->exact($name);

        return array_filter($titled, static fn (KnownSource $one): bool => in_array($one, $by, true)) === [] ? '' : $name;
    }

    /** Whether a name or title in parentheses is a citation, and not an aside. */
    private function isCited(Cite $cite, string $before, string $after): bool
    {
        $isKnown = $this->sources->named($cite->who) !== [];
        if ($isKnown || $cite->passesOn || $cite->isQuotedTitle) {
            return true;
        }
        $isInitials = preg_match('/^\p{Lu}{2,}$/u', $cite->who) === 1;
        if ($cite->years !== []) {
            return ! str_contains(implode('', $cite->years), '–') && ($cite->beforeYears === ', ' || ! $isInitials);
        }
        if ($cite->places !== []) {
            // "COVID 19", and a place in the paper itself.
            return ! $isInitials && ($cite->places[0]->label === '' || $cite->places[0]->kind() !== 'figure');
        }

        return $this->isLikelyName($cite, $before, $after);
    }

    /** A name nobody knows, alone in parentheses: where a sentence ends, and nobody of that name is in the story. */
    private function isLikelyName(Cite $cite, string $before, string $after): bool
    {
        $names = $cite->names();
        foreach ($names->names as $name) {
            if (preg_match('/^\p{Lu}\p{Ll}+(?:-\p{Lu}\p{Ll}+)?$/u', $name) !== 1
                || str_contains($this->story, ' '.Plain::words($name).' ')) {
                return $names->hasOthers;
            }
        }

        return $names->names !== [] && preg_match('/^["”’]?\s*[.,;!?]/u', $after) === 1
            && preg_match('/[\p{L}\p{N},”"’.!?]\s*$/u', $before) === 1;
    }

    /** "Association of Mills (AM)" says what the letters stand for from here on. */
    private function isIntroduction(string $inside, string $before): bool
    {
        if (preg_match('/^\p{Lu}[\p{L}.&]{1,9}$/u', $inside) !== 1 || preg_match('/\p{Lu}.*\p{Lu}/u', $inside) !== 1) {
            return false;
        }
        $wanted = count_chars(mb_strtoupper((string) preg_replace('/[^\p{L}]/u', '', $inside)), 3);
        if (preg_match('/((?:[\p{Lu}][\p{L}\p{M}’\'-]*\s+(?:(?:of|for|the|and|on|in|&)\s+)*)+)$/u', $before, $m) !== 1) {
            return $this->sources->group($inside) === [];
        }
        $name = trim($m[1]);
        if (! str_contains(self::initials($name), (string) $wanted) && ! self::endsWithInitials($name, $inside)) {
            return $this->sources->group($inside) === [];
        }
        $this->sources->introduce($inside, $name);

        return true;
    }

    private static function initials(string $name): string
    {
        preg_match_all('/(?<![\p{L}’\'])\p{Lu}/u', $name, $letters);

        return implode('', $letters[0]);
    }

    private static function endsWithInitials(string $name, string $initials): bool
    {
        return str_ends_with(self::initials($name), (string) preg_replace('/[^\p{Lu}]/u', '', $initials));
    }

    /**
     * "Brook (2014)".
     *
     * @param  list<Cite>  $cites
     */
    private function yearAfterName(
        Paragraph $paragraph,
        int $start,
        int $length,
        array $cites,
        string $sentence,
        string $name,
    ): ?Found {
        $isRange = preg_match('/[–-]\s?(?:\d\d)?\d\d/u', implode(' ', $cites[0]->years)) === 1;
        if ($name === '' || $isRange || ! $this->isSomebody($paragraph->text, $start, $length, $name, $cites[0])) {
            return null;
        }

        return $this->narrative($paragraph, $start, $length, $name, $cites, $sentence);
    }

    /** Whether a name before a year is somebody who is cited: known, or said to say something. */
    private function isSomebody(string $text, int $start, int $length, string $name, Cite $cite): bool
    {
        $bare = (string) preg_replace('/[’\']s?$/u', '', $name);
        if ($this->sources->named($bare) !== [] || (new NameWords($bare))->hasOthers) {
            return true;
        }
        $words = DraftWords::all();
        $after = ltrim(substr($text, $start + $length));
        $verb = preg_match('/^(?:\p{Ll}+ly |also |has |have |had )*(\p{Ll}+)/u', $after, $m) === 1 ? $m[1] : '';
        $before = rtrim(substr($text, 0, $start - strlen($name) - 1));
        $isLed = preg_match('/(?:^|[\s,(])'.$words->pattern('before names').'$/iu', $before) === 1;
        $isPlain = preg_match('/^(?:\p{Lu}\. ?)*(?:(?:van|von|de|der|den) )*\p{Lu}[\p{L}\p{M}’\'-]+(?:(?:, \p{Lu}[\p{L}’\'-]+)*,? (?:and|&) \p{Lu}[\p{L}’\'-]+)?$/u', $bare) === 1;
        $isPossessive = $bare !== $name;

        return $isPlain && ! $words->has('no names', $bare) && ($words->isReporting($verb)
            || preg_match('/^(?:p|para)\b/u', $cite->places[0]->label ?? '') === 1
            || ($isLed || $isPossessive) && ! str_contains($this->story, ' in '.Plain::words($bare).' '));
    }

    /**
     * A page, a time, a scene alone: it belongs to a name the sentence says, or the one before.
     *
     * @param  array{int, int}  $at
     * @param  list<Cite>  $cites
     * @param  list<Found>  $here
     */
    private function placeAlone(Paragraph $paragraph, array $at, array $cites, string $sentence, string $before, array &$here): ?Found
    {
        [$start, $length] = $at;
        $place = $cites[0]->places[0];
        $last = $here === [] ? null : $here[count($here) - 1];
        $isTheirs = $last !== null && count($last->cites) === 1 && $last->cites[0]->years !== []
            && $last->cites[0]->isNarrative && $last->cites[0]->places === [];
        if ($this->namesYears && $isTheirs && $place->label !== '' && ! in_array($place->kind(), ['figure', 'table'], true)) {
            $here[count($here) - 1] = new Found(
                $last->in,
                $last->start,
                $last->length,
                $last->text,
                [$last->cites[0]->withPlaces($cites[0])],
                $last->sentence,
                $last->isQuotation,
            );

            return null;
        }
        $isNext = $this->mentions->known($this->mentions->before($before)) !== '';
        if (! $this->isPlaceOfSource($paragraph->text, $start, $length, $place, $isNext)) {
            return null;
        }
        $unknown = $this->mentions->reporting($before);
        $known = $this->mentions->lastKnown($before);
        $name = $known !== '' && ($unknown === '' || strrpos($before, $known) >= strrpos($before, $unknown)) ? $known : $unknown;
        if ($name === '') {
            $whole = substr($paragraph->text, 0, $start);
            $name = $this->mentions->lastKnown($whole);
        }
        // Without anybody's name a number is a page only where words are quoted.
        if ($name === '') {
            return null;
        }

        return $this->narrative($paragraph, $start, $length, $name, $cites, $sentence, isApart: true);
    }

    /** @param  bool  $isNext  whether the name stands right before it */
    private function isPlaceOfSource(string $text, int $start, int $length, Place $place, bool $isNext): bool
    {
        $after = substr($text, $start + $length);
        $isAtPause = preg_match('/^["”’]?\s*(?:[.,;:!?—–]|$|and\b|but\b|while\b|or\b)/u', $after) === 1;
        $isOrdinal = preg_match('/^[1-9]$/', $place->value) === 1
            && preg_match('/\(1\)/', $text) === 1 && preg_match('/\(2\)/', $text) === 1;
        $isOwn = in_array($place->kind(), ['figure', 'table', 'section'], true)
            || in_array($place->kind(), ['chapter', 'part', 'line', 'note'], true) && preg_match('/^\p{Lu}/u', $place->label) === 1;

        return ! $isOrdinal && ! $isOwn && ! $place->couldBeYear() && ($isAtPause || $isNext || $place->label !== '')
            && preg_match('/^[ivx]$/', $place->value) !== 1;
    }

    /**
     * @param  list<Cite>  $cites
     * @param  bool  $isApart  whether other words stand between the name and the parentheses
     */
    private function narrative(
        Paragraph $paragraph,
        int $start,
        int $length,
        string $name,
        array $cites,
        string $sentence,
        bool $isApart = false,
    ): Found {
        $bare = (string) preg_replace('/[’\']s?$/u', '', $name);
        $named = array_map(static fn (Cite $one): Cite => $one->by($bare), $cites);
        $inside = substr($paragraph->text, $start, $length);
        $gap = rtrim(substr($paragraph->text, 0, $start));
        $isNext = ! $isApart || str_ends_with($gap, $name);
        $from = $isNext ? strlen($gap) - strlen($name) : $start;
        $whole = $isNext ? substr($paragraph->text, $from, $start + $length - $from) : "{$bare} {$inside}";
        $isQuotation = (new Quotations($paragraph))->vouchedFor($start, $start + $length, $sentence, isNarrative: true);

        return new Found($paragraph, $from, $start + $length - $from, $whole, $named, $sentence, $isQuotation);
    }

    /** @param  list<Cite>  $cites */
    private function found(Paragraph $paragraph, int $start, int $length, array $cites, string $sentence, string $before): Found
    {
        $isQuotation = (new Quotations($paragraph))->vouchedFor($start, $start + $length, $sentence, isNarrative: false);

        return new Found($paragraph, $start, $length, substr($paragraph->text, $start, $length), $cites, $sentence, $isQuotation);
    }
}
