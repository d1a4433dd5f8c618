<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Contributor;
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

/** MLA in its 9th, 8th and 7th editions. */
final readonly class Mla implements Style
{
    private const LABELS = [9 => 'MLA, 9th edition', 8 => 'MLA, 8th edition', 7 => 'MLA, 7th edition'];

    private Wording $wording;

    private Names $names;

    /** @param  7|8|9  $edition */
    public function __construct(private int $edition = 9)
    {
        $this->wording = new Wording($edition);
        $this->names = new Names($this->wording, $edition);
    }

    public function id(): string
    {
        return "mla-{$this->edition}";
    }

    public function family(): string
    {
        return 'mla';
    }

    public function label(): string
    {
        return self::LABELS[$this->edition];
    }

    public function lists(Source $source): bool
    {
        return true;
    }

    public function entry(Source $source, CourseRules $course, EntryContext $context): array
    {
        return $this->edition === 7
            ? (new Mla7Entry($source, $course, $context, $this->wording, $this->names))->runs()
            : (new Entry($source, $course, $context, $this->wording, $this->names, $this->edition))->runs();
    }

    public function citation(Source $source, CitationContext $citation, EntryContext $context): array
    {
        return (new Citation($source, $context, $this->edition))->runs($citation);
    }

    public function caption(Source $source, Figure $figure): array
    {
        return (new Caption($source, $figure, $this->wording, $this->names, $this->edition))->runs();
    }

    public function leaders(Source $source): array
    {
        return array_values((new Leaders($source, $this->edition))->all());
    }

    public function citesYear(): bool
    {
        return false;
    }

    public function shortensLater(): bool
    {
        return false;
    }

    public function joinsYears(): bool
    {
        return false;
    }

    public function orderedBy(Source $source): array
    {
        $leaders = (new Leaders($source, $this->edition))->all();
        $authors = [];
        foreach ($leaders as $leader) {
            array_push($authors, ...SortKey::name($leader->name, false));
        }
        // With three or more authors the entry reads "First, et al.", so only the first counts.
        if (count($leaders) > 2) {
            $authors = [...array_slice($authors, 0, 2), 'et al'];
        }

        // An author's own works come before those with somebody else.
        return [...$authors, ...($authors === [] ? [] : ['']), SortKey::work($source), $source->date()->edtf()];
    }

    public function ordersWordByWord(): bool
    {
        return false;
    }

    public function authorKey(Source $source): string
    {
        $keys = array_map(
            static fn (Contributor $one): string => $one->name->key(),
            (new Leaders($source, $this->edition))->all(),
        );

        return $keys === [] ? '' : implode("\x1E", $keys).(count($keys) > 2 ? "\x1Eet al." : '');
    }

    public function lettersYears(): bool
    {
        return false;
    }

    public function heading(int $entries): string
    {
        return $entries === 1 ? 'Work Cited' : 'Works Cited';
    }

    public function headingIsBold(): bool
    {
        return false;
    }

    public function linksAddresses(CourseRules $course): bool
    {
        return $course->links;
    }

    public function paper(): PaperRules
    {
        // More than four lines of prose, which are about fifty words.
        return new PaperRules(
            'MLA',
            false,
            true,
            60,
            ['Works Cited', 'Work Cited', 'Annotated Bibliography', 'Works Consulted'],
            false,
        );
    }

    public function annotationIndent(): float
    {
        return 1.0;
    }

    public function runningHead(CourseRules $course, string $surname, string $title): RunningHead
    {
        return new RunningHead($surname);
    }

    public function fields(Kind $kind): array
    {
        return $kind->fields();
    }

    public function titleCase(Source $source): LetterCase
    {
        return (new SourceTitle($source))->case();
    }

    public function withoutDate(Source $source): string
    {
        return $source->container()->url === ''
            ? 'Without a date that element is left out.'
            : 'Without a date the entry gives the day you read it.';
    }

    public function choices(): array
    {
        return ['surname', 'accessed', 'addresses', 'heading', 'threeHyphens', 'medium', 'links'];
    }
}
