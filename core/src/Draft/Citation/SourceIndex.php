<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Style\Style;

/** The sources of a paper, found by what a citation says of them. */
final class SourceIndex
{
    /** @var array<string, KnownSource> by their ids, in page order */
    public readonly array $sources;

    /** @var array<string, list<KnownSource>> by names of groups and their initials */
    private array $byGroup = [];

    /** @var array<string, list<KnownSource>> by the first word of the title */
    private array $byTitle = [];

    /** @var array<string, list<KnownSource>> by the first author's family name */
    private array $bySurname = [];

    /** @var list<KnownSource> what the style lists on no page */
    private readonly array $leftOut;

    /** @var array<string, string> full names of groups by abbreviations the draft introduces, as they are compared */
    private array $introduced = [];

    /**
     * @param  array<string, string>  $meant  ids of sources by what citations of them say, where somebody said which it
     *     is
     */
    public function __construct(Page $page, Style $style, private readonly array $meant = [])
    {
        $sources = [];
        foreach ($page->entries as $entry) {
            $one = new KnownSource($entry, $style);
            $sources[$one->id] = $one;
            if ($one->surnames !== []) {
                $this->bySurname[$one->surnames[0]][] = $one;
            }
            foreach ([...$one->groups, ...$one->initials()] as $group) {
                $this->byGroup[$group][] = $one;
            }
            $this->byTitle[strtok($one->fullTitle, ' ') ?: ''][] = $one;
        }
        $this->sources = $sources;
        $this->leftOut = array_map(
            static fn (PageEntry $one): KnownSource => new KnownSource($one, $style),
            $page->leftOut,
        );
    }

    /** The draft says that a group is called by its initials from here on. */
    public function introduce(string $abbreviation, string $name): void
    {
        $this->introduced[(new Plain($abbreviation))->words()] = (new Plain($name))->withoutArticle();
    }

    /**
     * Those somebody could mean by a name, a list of names, a group or a title.
     *
     * @return list<KnownSource>
     */
    public function named(string $who): array
    {
        return $this->group($who) ?: $this->exact($who) ?: $this->titled($who);
    }

    /** @return list<KnownSource> whose first author has a family name, whoever else is named */
    public function exact(string $who): array
    {
        [$surname, $given] = $this->firstName($who);
        $found = $this->bySurname[$surname] ?? [];
        $sure = array_filter(
            $found,
            static fn (KnownSource $one): bool => self::isGiven($given, $one->givens[0] ?? ''),
        );

        return $given === '' ? $found : array_values($sure);
    }

    /** @return list<KnownSource> */
    public function titled(string $title): array
    {
        $first = strtok((new Plain($title))->withoutArticle(), ' ') ?: '';

        return array_values(array_filter(
            $this->byTitle[$first] ?? [],
            static fn (KnownSource $one): bool => $one->isTitled($title),
        ));
    }

    /** The one somebody said is meant by these words. */
    public function meant(string $who): ?KnownSource
    {
        return $this->sources[$this->meant[$who] ?? ''] ?? null;
    }

    /** @return list<KnownSource> by a group's name or its initials */
    public function group(string $who): array
    {
        $plain = (new Plain((string) preg_replace('/\s*\[[^\]]*\]/u', '', $who)))->withoutArticle();
        $plain = $this->introduced[$plain] ?? $plain;

        return $this->byGroup[$plain] ?? (preg_match('/^\p{Lu}{2,}$/u', $who) === 1 ? $this->byGroup[$who] ?? [] : []);
    }

    /**
     * Those somebody may have meant who wrote a name with a slip, or in another order, or left one out.
     *
     * @return list<KnownSource>
     */
    public function nearly(NameWords $names, string $who, string $year): array
    {
        $plain = array_map(fn (string $one): string => $this->firstName($one)[0], $names->names);
        $whole = (new Plain($who))->withoutArticle();
        $found = [];
        foreach ($this->sources as $one) {
            $isTheirYear = $year !== '' && rtrim($year, 'abcdefgh') === rtrim($one->year, 'abcdefgh');
            if (self::isNearly($one, $plain, $whole, $isTheirYear)) {
                $found[] = $one;
            }
        }
        $ofYear = array_filter($found, static fn (KnownSource $one): bool => $one->year === $year);

        return array_values($ofYear ?: $found);
    }

    /**
     * @param  list<KnownSource>  $sources
     * @param  string  $year  '' for none
     * @return list<KnownSource> those of a year, letter and all where it says one
     */
    public function ofYear(array $sources, string $year): array
    {
        if ($year === '') {
            return [];
        }
        $exact = array_filter($sources, static fn (KnownSource $one): bool => $one->isOfYear($year));
        $unlettered = array_filter($sources, static fn (KnownSource $one): bool => $one->isOfYearWithoutLetter($year));

        return array_values($exact ?: $unlettered);
    }

    /** @return list<KnownSource> of whom nobody is told on the page: letters, talks */
    public function leftOut(string $who): array
    {
        $surname = $this->firstName($who)[0];

        return array_values(array_filter(
            $this->leftOut,
            static fn (KnownSource $one): bool => ($one->surnames[0] ?? '') === $surname,
        ));
    }

    /** @return array{string, string} the family name of the first of several, and what stands before it */
    public function firstName(string $who): array
    {
        $first = (new NameWords($who))->names[0] ?? $who;
        $plain = (new Plain((string) preg_replace('/[’\']s?$/u', '', $first)))->words();
        if (isset($this->bySurname[$plain])) {
            return [$plain, ''];
        }
        $words = explode(' ', $plain);
        for ($i = 1; $i < count($words); $i++) {
            $surname = implode(' ', array_slice($words, $i));
            if (isset($this->bySurname[$surname])) {
                return [$surname, implode(' ', array_slice($words, 0, $i))];
            }
        }

        return [$words[count($words) - 1], implode(' ', array_slice($words, 0, -1))];
    }

    /** @param  list<string>  $names  family names */
    private static function isNearly(KnownSource $one, array $names, string $whole, bool $isTheirYear): bool
    {
        return self::isGroup($one, $whole, $isTheirYear) || (count($names) > 1
            ? self::areTheirs($one, $names)
            : self::isAuthor($one, $names[0] ?? '', $isTheirYear));
    }

    /** With a slip, or not the first: in a year of theirs, another author; always, whoever else made it. */
    private static function isAuthor(KnownSource $one, string $name, bool $isTheirYear): bool
    {
        return (new Plain($one->surnames[0] ?? ''))->isSlipOf($name)
            || in_array($name, $one->others, true)
            || $isTheirYear && in_array($name, array_slice($one->surnames, 1), true);
    }

    /**
     * Whether all names are its authors', in any order, give or take a slip.
     *
     * @param  list<string>  $names
     */
    private static function areTheirs(KnownSource $one, array $names): bool
    {
        foreach ($names as $name) {
            $alike = static fn (string $theirs): bool => $theirs === $name || (new Plain($theirs))->isSlipOf($name);
            if (array_filter($one->surnames, $alike) === []) {
                return false;
            }
        }

        return count($one->surnames) > 1;
    }

    private static function isGroup(KnownSource $one, string $whole, bool $isTheirYear): bool
    {
        foreach ($one->groups as $group) {
            if ((new Plain($group))->isSlipOf($whole) || $isTheirYear && $whole !== ''
                && str_ends_with($group, " {$whole}")) {
                return true;
            }
        }

        return false;
    }

    private static function isGiven(string $said, string $given): bool
    {
        $said = explode(' ', $said);
        $given = explode(' ', $given);
        foreach ($said as $i => $part) {
            $theirs = $given[$i] ?? '';
            if ($part !== '' && ! str_starts_with($theirs, $part) && ! str_starts_with($part, $theirs)) {
                return false;
            }
            if ($theirs === '') {
                return false;
            }
        }

        return true;
    }
}
