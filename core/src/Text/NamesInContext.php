<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Whether a word that is common as well is the name where it stands: "in March", "Turkey and Greece", "Bath, England".
 */
final readonly class NamesInContext
{
    /** What a common word stands after, and a name does not. */
    private const BEFORE_COMMON = HeadlineCase::DETERMINERS + ['and' => true, 'or' => true];

    private const PERHAPS = NameWord::NAME | NameWord::COMMON;

    /** A name and nothing else that has no surname after it. */
    private const OTHERWISE = self::PERHAPS | NameWord::PLACE | NameWord::PEOPLE | NameWord::TIME;

    public function __construct(private TitleWords $title)
    {
    }

    public function isName(int $i): bool
    {
        $around = $this->title->part($i) & NamePart::SURROUNDED
            ? $this->title->names->surroundings($this->title->small[$i])
            : null;
        if ($around !== null) {
            return $this->fits($around, $i);
        }

        return $this->title->flags[$i] !== 0 && ($this->isFamily($i) || $this->isPlaceByPlace($i));
    }

    /** Whether it may well be the name, so that somebody should say. */
    public function isAskedAbout(int $i): bool
    {
        $isCommonHere = isset(self::BEFORE_COMMON[$this->title->at($i - 1)]);
        if (! $isCommonHere && $this->mayBeOfPerson($i)) {
            return true;
        }
        $isEither = $this->title->part($i) & NamePart::EITHER;
        if (! ($this->title->flags[$i] & NameWord::PLACE)) {
            return $isEither && ! $isCommonHere;
        }

        return $isEither && $this->standsWhere($i) && ! $this->title->isCapital($i + 1)
            || $this->standsAt($i) && $this->title->follows($i + 1)
                && $this->title->part($i + 1) & NamePart::TAIL_ASKED;
    }

    /** Thatcher’s Britain; Ellis Bell. */
    private function mayBeOfPerson(int $i): bool
    {
        $flags = $this->title->flags[$i];
        if (($flags & self::PERHAPS) !== self::PERHAPS || $flags & NameWord::PEOPLE) {
            return false;
        }
        $before = $this->title->flags[$i - 1] ?? 0;
        $isAfterName = $this->title->follows($i) && ! $this->title->isPossessive($i - 1)
            && ($before & self::OTHERWISE) === NameWord::NAME;

        return $isAfterName || $this->title->isPossessive($i);
    }

    /** After "in", "near" and the like. */
    private function standsWhere(int $i): bool
    {
        return isset($this->title->names->of('place')[$this->title->at($i - 1)]);
    }

    private function standsAt(int $i): bool
    {
        return $this->standsWhere($i) || in_array($this->title->at($i - 1), ['at', 'of', 'on'], true);
    }

    /** Whether a word nobody knows is a name by its form or its place: Bayesian, Oake’s, in Northmere. */
    public function isPlainly(int $i): bool
    {
        return $this->title->isPossessive($i)
            || preg_match('/(?:ian|ean|ians|eans)$/', $this->title->small[$i]) === 1
            || $this->standsWhere($i) && ! $this->title->isCapital($i + 1);
    }

    /**
     * Whether a common word may be a part of a name: the North; after a name, one that often is (Reading Station), or
     * any at the end of what is said of a place (Oregon Trail).
     */
    public function mayBeOfName(int $i): bool
    {
        $part = $this->title->part($i);
        if (! $this->title->follows($i) || $this->title->isPossessive($i - 1)) {
            return false;
        }
        if ($part & NamePart::DIRECTION && $this->title->at($i - 1) === 'the') {
            return $this->title->closesPhrase($i);
        }
        if (! isset($this->title->isName[$i - 1])) {
            return $part & (NamePart::TAIL | NamePart::TAIL_ASKED) && $this->isAskedAbout($i - 1)
                || $this->isBesideTail($i);
        }

        return $part & NamePart::TAIL_ASKED || $this->mayBeOfPlace($i);
    }

    /** Common words that a place may be made of: near Turtle Island. */
    private function isBesideTail(int $i): bool
    {
        $isTail = $this->title->part($i) & NamePart::TAIL;
        $tail = $isTail ? $i : $i + 1;
        for ($first = $tail; $this->title->follows($first) && $this->title->isCapital($first - 1); $first--);

        return $first < $tail && $this->standsAt($first) && $this->title->isCapital($tail)
            && $this->title->follows($tail) && $this->title->part($tail) & NamePart::TAIL;
    }

    private function mayBeOfPlace(int $i): bool
    {
        $small = $this->title->small[$i];

        return ($this->title->flags[$i - 1] & (NameWord::PLACE | NameWord::PEOPLE)) === NameWord::PLACE
            && ! $this->title->isCapital($i + 1)
            && ! isset((HeadlineCase::SMALL + HeadlineCase::EITHER)[$small])
            && preg_match('/(?:ing|ion|ity|ment|ism|ed|s)$/', $small) !== 1;
    }

    /** @param  array<string, mixed>  $around  what must stand around it, or must not */
    private function fits(array $around, int $i): bool
    {
        [$before, $after] = [$this->title->at($i - 1), $this->title->at($i + 1)];

        return match ($around['if'] ?? '') {
            'month' => $this->isMonth($i),
            'planet' => $before !== 'the' && $this->isAmongPlanets($i),
            'person' => false,
            'the' => $before === 'the',
            'group' => isset($this->title->names->of('groups')[$after]),
            default => ! isset($around['notBefore'][$before]) && ! isset($around['notAfter'][$after]),
        };
    }

    private function isMonth(int $i): bool
    {
        return ctype_digit($this->title->at($i + 1))
            || isset($this->title->names->of('monthBefore')[$this->title->at($i - 1)])
                && ! $this->title->isCapital($i + 1);
    }

    private function isAmongPlanets(int $i): bool
    {
        $others = array_flip(array_diff($this->title->small, [$this->title->small[$i]]));

        return array_intersect_key($this->title->names->of('planet'), $others) !== [];
    }

    /** The Wright Brothers, the Grant Administration. */
    private function isFamily(int $i): bool
    {
        return isset($this->title->names->of('families')[$this->title->at($i + 1)]) && $this->title->follows($i + 1);
    }

    /** Bath, England; in Queens and Brooklyn. */
    private function isPlaceByPlace(int $i): bool
    {
        $isJoined = $this->title->at($i + 1) === 'and' && $this->standsWhere($i);
        $other = $isJoined ? $i + 2 : $i + 1;

        return $this->title->flags[$i] & NameWord::PLACE
            && ($isJoined || ($this->title->tokens->between[$i + 1] ?? '') === ', ')
            && isset($this->title->isName[$other]) && $this->title->flags[$other] & NameWord::PLACE;
    }
}
