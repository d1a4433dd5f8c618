<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\LetterCase;
use Bibrel\Core\Text\Run;

/** One edition of one style: how an entry, an in-text citation and the order of a page come about. */
interface Style
{
    /** "mla-9" */
    public function id(): string;

    /** The style without its edition: "mla". Its rules' ids begin with it. */
    public function family(): string;

    public function label(): string;

    /** Whether the page lists such a source at all; what no reader can get at may stand in the text only. */
    public function lists(Source $source): bool;

    /** @return list<Run> */
    public function entry(Source $source, CourseRules $course, EntryContext $context): array;

    /** @return list<Run> the caption of a picture; line breaks may stand in it */
    public function caption(Source $source, Figure $figure): array;

    /** @return list<Contributor> those the entry begins with */
    public function leaders(Source $source): array;

    /** @return list<Run> with its parentheses */
    public function citation(Source $source, CitationContext $citation, EntryContext $context): array;

    /** Whether a citation in the text says the year, and not the page alone. */
    public function citesYear(): bool;

    /** Whether a source with several authors may be cited by the first of them once all were named. */
    public function shortensLater(): bool;

    /** Whether a second work of the same authors in one pair of parentheses gives its year alone. */
    public function joinsYears(): bool;

    /**
     * What the entry is ordered by: first the author or title, then what settles a tie.
     *
     * @return list<string>
     */
    public function orderedBy(Source $source): array;

    /** Whether spaces count when entries are ordered (word by word), or not (letter by letter). */
    public function ordersWordByWord(): bool;

    /** One string that is equal for two sources whose entries begin with the same authors; '' without authors. */
    public function authorKey(Source $source): string;

    /** Whether works of the same authors and year are told apart by letters. */
    public function lettersYears(): bool;

    public function heading(int $entries): string;

    public function headingIsBold(): bool;

    /** Whether addresses and DOIs can be pressed where the medium allows it. */
    public function linksAddresses(CourseRules $course): bool;

    /** How a whole paper is set. */
    public function paper(): PaperRules;

    /** How far an annotation is set in from the margin, in inches. */
    public function annotationIndent(): float;

    /** What stands next to the page number at the head of each sheet. */
    public function runningHead(CourseRules $course, string $surname, string $title): RunningHead;

    /** @return list<Field> a kind's fields in the order of the style's elements */
    public function fields(Kind $kind): array;

    /** What the entry does to the letters of a source's title. */
    public function titleCase(Source $source): LetterCase;

    /** What the entry does without a date of publication, as a sentence. */
    public function withoutDate(Source $source): string;

    /** @return list<string> the course rules that make a difference to it, as CourseRules names them, and "surname" */
    public function choices(): array;
}
