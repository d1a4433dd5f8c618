<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Run;

/** A source of the paper as citations name it. */
final class KnownSource
{
    private const SMALL = ['of', 'for', 'the', 'and', 'on', 'in'];

    public readonly string $id;

    /** @var list<string> family names of those the entry begins with, as they are compared; names of groups whole */
    public readonly array $surnames;

    /** @var list<string> given names in the same order */
    public readonly array $givens;

    /** @var list<string> names of groups and their abbreviations */
    public readonly array $groups;

    /** @var list<string> anybody else who is named in the entry */
    public readonly array $others;

    /** Its title without article and subtitle. */
    public readonly string $title;

    /** Its title whole, without article. */
    public readonly string $fullTitle;

    /** The names or the title a citation says, as the style writes them in parentheses. */
    public readonly string $who;

    /** Whether that is a title. */
    public readonly bool $isByTitle;

    /** "2014a", "n.d."; '' where the style names no year. */
    public readonly string $year;

    /** Whether its pages have numbers. */
    public readonly bool $isPaginated;

    private readonly Source $source;

    public function __construct(private readonly PageEntry $entry, private readonly Style $style)
    {
        $this->source = $entry->source();
        $this->id = $entry->id;
        $leaders = array_values(array_filter(
            $style->leaders($this->source) ?: $this->source->primaryContributors(),
            static fn (Contributor $one): bool => ! $one->name->isOthers(),
        ));
        $this->surnames = array_map(static fn (Contributor $one): string => self::surname($one->name), $leaders);
        $this->givens = array_map(
            static fn (Contributor $one): string => (new Plain($one->name->given))->words(),
            $leaders,
        );
        $this->groups = self::groups($leaders);
        $this->others = array_values(array_diff(array_map(
            static fn (Contributor $one): string => self::surname($one->name),
            $this->source->contributors,
        ), $this->surnames));
        $title = (new Markup($this->source->title->main))->plain();
        $this->title = (new Plain(explode(': ', $title, 2)[0]))->withoutArticle();
        $this->fullTitle = (new Plain("{$title} {$this->source->title->subtitle}"))->withoutArticle();
        $runs = $style->citation($this->source, new CitationContext(first: false), $entry->context);
        $this->isByTitle = self::said($runs, '/\.cite\.(?:author|short)$/') === '';
        $this->who = trim(self::said($runs, $this->isByTitle ? '/\.cite\.title$/' : '/\.cite\.author$/'), ' ,');
        $this->year = self::said($runs, '/\.(?:cite\.date|date\.letter)$/');
        $container = $this->source->container();
        $this->isPaginated = $container->pages !== '' || $this->source->kind->hasImprint && $container->url === '';
    }

    /**
     * The citation as the style writes it.
     *
     * @return list<Run>
     */
    public function citation(Cite $cite, bool $isFirst): array
    {
        $locator = $cite->places === [] ? null : $cite->places[0]->locator();
        $context = new CitationContext($locator ?? new Locator, $cite->isNarrative, first: $isFirst);

        return $this->style->citation($this->source, $context, $this->entry->context);
    }

    /** Whether the page lists another work of theirs, so that a citation must say which. */
    public function sharesAuthor(): bool
    {
        return $this->entry->context->sharesAuthor;
    }

    /** The year it came out, whatever the style says of it; '' where nobody knows. */
    public function published(): string
    {
        return (string) $this->source->date()->year;
    }

    /** Whether a citation's year is that of its entry, letter and all. */
    public function isOfYear(string $said): bool
    {
        $plain = str_replace(' ', '', mb_strtolower($said));

        return $this->year === ''
            ? rtrim($plain, 'abcdefghij') === $this->published()
            : $plain === str_replace(' ', '', mb_strtolower($this->year));
    }

    /** Whether a year is that of its entry but for the letter. */
    public function isOfYearWithoutLetter(string $said): bool
    {
        return $this->year !== '' && preg_match('/[a-z]$/', $said) !== 1
            && $this->isOfYear($said.(string) preg_replace('/^.*?(-?[a-z])?$/', '$1', $this->year));
    }

    public function sharesSurname(): bool
    {
        return $this->entry->context->sharesSurname;
    }

    /** Whether words are the title, or as much of its beginning as tells it. */
    public function isTitled(string $words): bool
    {
        $plain = (new Plain($words))->withoutArticle();

        return $plain !== '' && $this->fullTitle !== ''
            && ($plain === $this->title || str_starts_with("{$this->fullTitle} ", "{$plain} "));
    }

    /** Whether words are the first author's given name, as in "Brook, Halima". */
    public function isGivenName(string $words): bool
    {
        $plain = (new Plain($words))->words();

        return $plain !== '' && str_starts_with(($this->givens[0] ?? '').' ', "{$plain} ");
    }

    /** @return list<string> the initials of groups it is by, "NMT", which nobody need introduce */
    public function initials(): array
    {
        $initials = [];
        foreach ($this->groups as $group) {
            $words = array_diff(explode(' ', $group), self::SMALL);
            $letters = implode('', array_map(static fn (string $word): string => $word[0] ?? '', $words));
            if (count($words) > 1) {
                $initials[] = strtoupper($letters);
            }
        }

        return $initials;
    }

    /** Its title and who made it, for a person: the source in the list. */
    public function label(): string
    {
        $by = $this->isByTitle ? '' : "{$this->who}: ";

        return $by.((new Markup($this->source->title->main))->plain() ?: $this->source->kind->label);
    }

    private static function surname(Name $name): string
    {
        return (new Plain(match ($name->kind) {
            NameKind::Person => $name->surname(),
            NameKind::Group => $name->group,
            NameKind::Screen => $name->family ?: $name->group ?: $name->screen,
        }))->words();
    }

    /**
     * @param  list<Contributor>  $leaders
     * @return list<string>
     */
    private static function groups(array $leaders): array
    {
        $groups = [];
        foreach ($leaders as $one) {
            if ($one->name->isGroup()) {
                array_push(
                    $groups,
                    (new Plain($one->name->group))->withoutArticle(),
                    (new Plain($one->name->abbreviation))->words(),
                );
            }
        }

        return array_values(array_filter($groups, static fn (string $one): bool => $one !== ''));
    }

    /** @param  list<Run>  $runs */
    private static function said(array $runs, string $rule): string
    {
        $said = array_filter($runs, static fn (Run $run): bool => preg_match($rule, $run->rule) === 1);

        return implode('', array_map(static fn (Run $run): string => $run->text, $said));
    }
}
