<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * What the words around a word make of it: Lake X, X Valley, Battle of X, Plan B, West X, Mr. X, a given name and a
 * surname, the parties of a case.
 *
 * Source: APA Publication Manual, 7th ed., 6.14–6.20; core/data/name-patterns.php.
 */
final readonly class NamesAround
{
    /** A name that is a common word as well. */
    private const PERHAPS = NameWord::NAME | NameWord::COMMON;

    /** What looks at the neighbours of a word, by what the word may be. */
    private const LOOKS = [
        NamePart::SERIES => 'counted', NamePart::HEAD => 'head', NamePart::HEAD_OF => 'headOf',
        NamePart::COURTESY => 'courtesy', NamePart::DIRECTION => 'direction',
        NamePart::ORDINAL_TAIL => 'ordinal', NamePart::TAILS => 'tail',
    ];

    public function __construct(private TitleWords $title)
    {
    }

    public function find(): void
    {
        foreach ($this->title->hasCapital as $i => $true) {
            $part = $this->title->part($i);
            foreach ($part & NamePart::LOOKED_AT ? self::LOOKS : [] as $flag => $look) {
                if ($part & $flag) {
                    $this->{$look}($i);
                }
            }
            if ($this->title->flags[$i] !== 0) {
                $this->person($i);
            }
            if (strlen($this->title->small[$i]) <= 2) {
                $this->initial($i);
            }
        }
        foreach (array_keys($this->title->small, 'v', true) as $i) {
            $this->parties($i);
        }
    }

    /** Parts that are counted with a figure or a letter: Plan B, World War II, Apollo 11. */
    private function counted(int $i): void
    {
        $next = $this->title->tokens->words[$i + 1] ?? '';
        $isCount = $this->title->follows($i + 1) && preg_match('/^(?:\d+|[IVXLC]+|\p{Lu})$/u', $next) === 1;
        // A disease is no place in a series: type 2 diabetes.
        if ($isCount && ! ($this->title->small[$i] === 'type' && ctype_digit($next))) {
            $this->title->name($i, $i + 1);
        }
    }

    /** Lake X, Queen X, St. X. */
    private function head(int $i): void
    {
        $isBeside = $this->title->follows($i + 1) || ($this->title->tokens->between[$i + 1] ?? '') === '. ';
        if ($isBeside && $this->title->isCapital($i + 1) && $this->title->mayBeName($i + 1)
            && ! ($this->title->flags[$i + 1] & NameWord::PEOPLE)) {
            $this->title->name($i, $i + 1);
        }
    }

    /** Mr. X, whatever X is besides. */
    private function courtesy(int $i): void
    {
        if ($this->title->isCapital($i + 1) && trim($this->title->tokens->between[$i + 1], '. ') === '') {
            $this->title->name($i, $i + 1);
        }
    }

    /** Battle of X, University of X. */
    private function headOf(int $i): void
    {
        $of = $this->title->at($i + 2) === 'the' ? $i + 3 : $i + 2;
        if ($this->title->at($i + 1) === 'of' && $this->title->isCapital($of) && $this->title->mayBeName($of)) {
            $this->title->name($i, $of);
        }
    }

    /** West Africa: a direction before what it belongs to. The American South: one that closes a name after "the". */
    private function direction(int $i): void
    {
        $isBefore = isset($this->title->isName[$i + 1]) && $this->title->follows($i + 1)
            && $this->title->flags[$i + 1] & (NameWord::PLACE | NameWord::PEOPLE);
        if ($isBefore || $this->closesName($i) && $this->title->closesPhrase($i) && $this->afterNames($i) === 'the') {
            $this->title->name($i);
        }
    }

    /** The word before the names that a word stands after. */
    private function afterNames(int $i): string
    {
        for ($before = $i - 1; isset($this->title->isName[$before]) && $this->title->follows($before); $before--);

        return $this->title->at($before);
    }

    /** The Second Amendment, the Third Republic. */
    private function ordinal(int $i): void
    {
        $isOrdinal = preg_match('/^(?:first|second|third|\w+th)$/', $this->title->at($i - 1)) === 1;
        if ($isOrdinal && $this->title->follows($i)) {
            $this->title->name($i - 1, $i);
        }
    }

    /** X Valley, X War, X National Park. */
    private function tail(int $i): void
    {
        if (isset($this->title->isName[$i]) || ! $this->closesName($i)) {
            return;
        }
        $part = $this->title->part($i);
        $wanted = $this->title->flags[$i - 1] & NameWord::PEOPLE ? NamePart::TAIL_OF_PEOPLE : NamePart::TAIL;
        if ($part & $wanted) {
            $this->title->name($i);
        } elseif ($part & NamePart::BEFORE_TAIL && $this->title->isCapital($i + 1)
            && $this->title->part($i + 1) & NamePart::LAST_TAIL) {
            $this->title->name($i, $i + 1);
        }
    }

    /** Whether a word stands right after a name, which it may close. */
    private function closesName(int $i): bool
    {
        return $this->title->follows($i) && isset($this->title->isName[$i - 1])
            && ! $this->title->isPossessive($i - 1) && ! Letters::isFixed($this->title->tokens->words[$i - 1]);
    }

    /** A given name with a surname, a genus with its species. */
    private function person(int $i): void
    {
        $flags = $this->title->flags[$i];
        if (! $this->title->follows($i + 1)) {
            return;
        }
        if ($flags & NameWord::GENUS
            && ! $this->title->isCapital($i + 1)
            && ! Words::isCommon($this->title->small[$i + 1])) {
            $this->title->name($i);
        }
        $isFirst = $flags & NameWord::GIVEN
            || ($flags & (self::PERHAPS | NameWord::PEOPLE)) === self::PERHAPS;
        if ($isFirst
            && $this->title->isCapital($i + 1)
            && ! $this->title->isPossessive($i)
            && $this->isSurname($i + 1, $flags)) {
            $this->title->name($i, $i + 1);
        }
    }

    /** Whether a word may be the surname after a given name, which may be a common word itself. */
    private function isSurname(int $i, int $given): bool
    {
        $flags = $this->title->flags[$i];
        if ($flags & NameWord::PEOPLE) {
            return false;
        }

        return $given & NameWord::COMMON
            ? $this->title->isStrange($i) || $flags !== 0 && ! ($flags & NameWord::COMMON)
            : $this->title->mayBeName($i);
    }

    /** Initials and a surname, a surname and "Jr." */
    private function initial(int $i): void
    {
        $small = $this->title->small[$i];
        if (($small === 'jr' || $small === 'sr') && $this->title->isCapital($i - 1)) {
            $this->title->name($i - 1, $i);
        }
        $isInitial = mb_strlen($small) === 1 && $this->title->isCapital($i + 1)
            && preg_match('/^\.\s?$/', $this->title->tokens->between[$i + 1]) === 1;
        if (! $isInitial) {
            return;
        }
        $this->title->name($i, $i + 1);
        if ($this->title->isCapital($i - 1)
            && $this->title->follows($i)
            && $this->title->flags[$i - 1] & NameWord::NAME) {
            $this->title->name($i - 1);
        }
    }

    /** The parties of a case: Brown v. Board of Education. */
    private function parties(int $i): void
    {
        if (! str_starts_with($this->title->tokens->between[$i + 1], '.')) {
            return;
        }
        $this->title->spell($i, 'v');
        $left = $i - 1;
        while ($this->title->isCapital($left) && ! isset(HeadlineCase::SMALL[$this->title->small[$left]])) {
            $this->title->name($left);
            $left = $this->title->follows($left) ? $left - 1 : -1;
        }
        for ($right = $i + 1; $this->isOfParty($right, $i); $right++) {
            $this->title->name($right);
        }
    }

    private function isOfParty(int $i, int $v): bool
    {
        $isJoined = in_array($this->title->at($i), ['of', 'the'], true) && $this->title->isCapital($i + 1);

        return ($i === $v + 1 || $this->title->follows($i)) && ($isJoined || $this->title->isCapital($i));
    }
}
