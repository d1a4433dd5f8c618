<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;
use Bibrel\Core\Draft\Paragraph;

/**
 * Tells what stands in parentheses and looks like a citation from one: asides, abbreviations that are introduced, years
 * of events, numbers of a list. What a source answers to is a citation; the rest must show that it is one.
 */
final readonly class Asides
{
    private const INITIALS = '/^\p{Lu}{2,}$/u';

    private const SURNAME = '/^\p{Lu}\p{Ll}+(?:-\p{Lu}\p{Ll}+)?$/u';

    /** Names as sentences have them: with initials and particles, one or several. */
    private const NAMES = '/^(?:\p{Lu}\. ?)*(?:(?:van|von|de|der|den) )*\p{Lu}[\p{L}\p{M}’\'-]+'
        .'(?:(?:, \p{Lu}[\p{L}’\'-]+)*,? (?:and|&) \p{Lu}[\p{L}’\'-]+)?$/u';

    /** Places a paper has itself; in small letters some are those of a source. */
    private const OWN = ['figure', 'table', 'section'];

    private const OWN_IN_CAPITALS = ['chapter', 'part', 'line', 'note'];

    /** Places whose word before the number makes a year and a place a citation. */
    private const MARKED = ['page', 'paragraph'];

    /** All text outside parentheses, as it is compared: names of the story itself stand in it. */
    private string $story;

    private DraftWords $words;

    /** @param  list<Paragraph>  $paragraphs */
    public function __construct(private SourceIndex $sources, array $paragraphs)
    {
        $this->words = DraftWords::all();
        $this->story = ' '.(new Plain(implode(' ', array_map(
            static fn (Paragraph $one): string => $one->outsideParentheses(),
            $paragraphs,
        ))))->words().' ';
    }

    /** Whether a name or title in parentheses is cited. */
    public function isCited(Cite $cite, Spot $spot): bool
    {
        return $cite->who === '' || $cite->isPersonal || $cite->passesOn || $cite->isQuotedTitle
            || $this->sources->named($cite->who) !== [] || $this->isLikely($cite, $spot);
    }

    private function isLikely(Cite $cite, Spot $spot): bool
    {
        $isInitials = preg_match(self::INITIALS, $cite->who) === 1;

        return match (true) {
            $cite->years !== [] => ! self::isSpan($cite) && ($cite->beforeYears === ', ' || ! $isInitials),
            // "COVID 19", and a place in the paper itself.
            $cite->places !== [] => ! $isInitials && $cite->places[0]->kind() !== 'figure',
            default => $this->isLikelyName($cite, $spot),
        };
    }

    /** Whether years are those somebody lived, or something lasted. */
    public static function isSpan(Cite $cite): bool
    {
        return preg_match('/[–-]\s?(?:\d\d)?\d\d/u', implode(' ', $cite->years)) === 1;
    }

    /** "Association of Mills (AM)" says what the letters stand for from here on. */
    public function isIntroduction(Spot $spot): bool
    {
        if (preg_match('/^\p{Lu}[\p{L}.&]{1,9}$/u', $spot->inside) !== 1
            || preg_match('/\p{Lu}.*\p{Lu}/u', $spot->inside) !== 1) {
            return false;
        }
        $name = self::capitalsBefore($spot->before);
        $letters = (string) preg_replace('/[^\p{Lu}]/u', '', $spot->inside);
        if ($name === '' || ! str_ends_with(self::initials($name), $letters)) {
            return $this->sources->group($spot->inside) === [];
        }
        $this->sources->introduce($spot->inside, $name);

        return true;
    }

    public static function initials(string $name): string
    {
        preg_match_all('/(?<![\p{L}’\'])\p{Lu}/u', $name, $letters);

        return implode('', $letters[0]);
    }

    /**
     * Whether a name before a year is somebody who is cited: known, or said to say something.
     *
     * @param  string  $name  as it stands: "Brook’s"
     */
    public function isSomebody(string $name, Cite $cite, Spot $spot): bool
    {
        $bare = Spot::bare($name);
        if ($this->sources->named($bare) !== [] || (new NameWords($bare))->hasOthers) {
            return true;
        }
        if (preg_match(self::NAMES, $bare) !== 1 || $this->words->has('no names', $bare)) {
            return false;
        }

        return $this->sources->nearly(new NameWords($bare), $bare, $cite->years[0] ?? '') !== []
            || $this->saysSomething($cite, $spot)
            || ($bare !== $name || $this->isLed($name, $spot))
                && ! str_contains($this->story, ' in '.(new Plain($bare))->words().' ');
    }

    /** @param  bool  $isNext  whether a name stands right before the place */
    public function isPlaceOfSource(Place $place, Spot $spot, bool $isNext): bool
    {
        return ! self::isOwn($place) && ! $place->couldBeYear() && ! self::isOfList($place, $spot->paragraph->text)
            && ($isNext || $place->label !== '' || self::isAtPause($spot->after));
    }

    /** A name nobody knows, alone in parentheses: where a sentence ends, and nobody of that name is in the story. */
    private function isLikelyName(Cite $cite, Spot $spot): bool
    {
        $names = $cite->names();
        foreach ($names->names as $name) {
            if (preg_match(self::SURNAME, $name) !== 1
                || str_contains($this->story, ' '.(new Plain($name))->words().' ')) {
                return $names->hasOthers;
            }
        }

        return $names->names !== [] && preg_match('/^["”’]?\s*[.,;!?]/u', $spot->after) === 1
            && preg_match('/[\p{L}\p{N},”"’.!?]\s*$/u', $spot->before) === 1;
    }

    private static function capitalsBefore(string $text): string
    {
        $words = '/((?:[\p{Lu}][\p{L}\p{M}’\'-]*\s+(?:(?:of|for|the|and|on|in|&)\s+)*)+)$/u';

        return preg_match($words, $text, $m) === 1 ? trim($m[1]) : '';
    }

    private function saysSomething(Cite $cite, Spot $spot): bool
    {
        $verb = '/^\s*(?:\p{Ll}+ly |also |has |have |had )*(\p{Ll}+)/u';

        return preg_match($verb, $spot->after, $m) === 1 && $this->words->isReporting($m[1])
            || ($cite->places[0]->label ?? '') !== '' && in_array($cite->places[0]->kind(), self::MARKED, true);
    }

    private function isLed(string $name, Spot $spot): bool
    {
        $before = rtrim(substr($spot->before, 0, -strlen($name) - 1));

        return preg_match('/(?:^|[\s,(])'.$this->words->pattern('before names').'$/iu', $before) === 1;
    }

    private static function isOwn(Place $place): bool
    {
        return in_array($place->kind(), self::OWN, true)
            || in_array($place->kind(), self::OWN_IN_CAPITALS, true) && preg_match('/^\p{Lu}/u', $place->label) === 1;
    }

    /** "(1) a wheel, (2) a pond", "(i)". */
    private static function isOfList(Place $place, string $text): bool
    {
        return preg_match('/^[ivx]$/', $place->value) === 1
            || preg_match('/^[1-9]$/', $place->value) === 1 && str_contains($text, '(1)') && str_contains($text, '(2)');
    }

    private static function isAtPause(string $after): bool
    {
        return preg_match('/^["”’]?\s*(?:[.,;:!?—–]|$|and\b|but\b|while\b|or\b)/u', $after) === 1;
    }
}
