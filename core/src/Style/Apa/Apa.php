<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Figure;
use Bibrel\Core\Style\PaperRules;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Style\SortKey;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\LetterCase;

/** APA in its 7th and 6th editions. */
final readonly class Apa implements Style
{
    private const LABELS = [7 => 'APA, 7th edition', 6 => 'APA, 6th edition'];

    private Wording $wording;

    private Names $names;

    /** @param  6|7  $edition */
    public function __construct(private int $edition = 7)
    {
        $this->wording = new Wording;
        $this->names = new Names($this->wording, $edition === 6 ? 7 : 20);
    }

    public function id(): string
    {
        return "apa-{$this->edition}";
    }

    public function family(): string
    {
        return 'apa';
    }

    public function label(): string
    {
        return self::LABELS[$this->edition];
    }

    /** Letters, e-mails and interviews of one's own stand in the text only (Publication Manual, 7th ed., 8.9). */
    public function lists(Source $source): bool
    {
        return $source->kind->containment !== Containment::PersonalCommunication;
    }

    public function entry(Source $source, CourseRules $course, EntryContext $context): array
    {
        return $source->kind->containment === Containment::Law
            ? (new LawEntry($source, $course, $this->wording))->runs()
            : (new Entry($source, $course, $context, $this->wording, $this->names, $this->edition))->runs();
    }

    public function citation(Source $source, CitationContext $citation, EntryContext $context): array
    {
        return (new Citation($source, $context, $this->wording, $this->names, $this->edition))->runs($citation);
    }

    public function caption(Source $source, Figure $figure): array
    {
        return (new Caption($source, $figure, $this->wording, $this->names, $this->edition))->runs();
    }

    public function leaders(Source $source): array
    {
        return array_values((new Leaders($source))->all());
    }

    public function citesYear(): bool
    {
        return true;
    }

    /** Publication Manual, 6th ed., 6.12. */
    public function shortensLater(): bool
    {
        return $this->edition === 6;
    }

    public function joinsYears(): bool
    {
        return true;
    }

    public function orderedBy(Source $source): array
    {
        $title = SortKey::work($source);
        $authors = [];
        foreach ((new Leaders($source))->all() as $leader) {
            array_push($authors, ...SortKey::name($leader->name, true));
        }
        // Undated works come first, those in press last.
        $date = $source->date();
        $isToTheDay = ! $source->kind->yearOnly;
        $when = match (true) {
            // Within a year the year alone comes first, then its days (9.46).
            $date->isDate() && $date->year < 0 => 'a'.sprintf('%08d', 99_999_999 + (int) $date->ordinal()),
            $date->isDate() => 'b'.sprintf('%08d', $isToTheDay ? $date->ordinal() : $date->year * 10000),
            $source->container()->status !== '' || ! $date->isNone() => 'c',
            default => 'a',
        };

        return $authors === [] ? [$title, $when] : [...$authors, '', $when, $title];
    }

    public function ordersWordByWord(): bool
    {
        return true;
    }

    public function authorKey(Source $source): string
    {
        return implode(
            "\x1E",
            array_map(static fn (Contributor $one): string => $one->name->key(), (new Leaders($source))->all()),
        );
    }

    public function lettersYears(): bool
    {
        return true;
    }

    public function heading(int $entries): string
    {
        return 'References';
    }

    public function headingIsBold(): bool
    {
        return true;
    }

    /** Publication Manual, 7th ed., 9.35: both kinds of links are acceptable; live ones for work read on a screen. */
    public function linksAddresses(CourseRules $course): bool
    {
        return true;
    }

    public function paper(): PaperRules
    {
        return new PaperRules(
            'APA',
            true,
            false,
            40,
            ['References', 'Reference', 'Annotated Bibliography'],
            $this->edition === 7,
        );
    }

    public function annotationIndent(): float
    {
        return 0.5;
    }

    public function runningHead(CourseRules $course, string $surname, string $title): RunningHead
    {
        return $course->forJournal ? RunningHead::title($title) : new RunningHead;
    }

    /** The date right after the author, then the others as they come. */
    public function fields(Kind $kind): array
    {
        $first = array_filter([$kind->fieldAt(FieldPath::contributors()), $kind->fieldAt(ContainerField::Date->at())]);
        $others = array_filter($kind->fields(), static fn (Field $field): bool => ! in_array($field, $first, true));

        return [...array_values($first), ...array_values($others)];
    }

    public function titleCase(Source $source): LetterCase
    {
        return TitleElement::letterCase($source);
    }

    public function withoutDate(Source $source): string
    {
        return 'Without a date the entry says “n.d.”.';
    }

    public function choices(): array
    {
        return ['accessed', 'addresses', 'heading', 'forJournal'];
    }
}
