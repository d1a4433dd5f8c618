<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\SortKey;
use Bibrel\Core\Style\Style;

/** APA in its 7th and 6th editions. */
final readonly class Apa implements Style
{
    private const LABELS = [7 => 'APA, 7th edition', 6 => 'APA, 6th edition'];

    /** @param  6|7  $edition */
    public function __construct(private int $edition = 7)
    {
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
        return (new Entry($source, $course, $context, $this->edition))->runs();
    }

    public function citation(Source $source, CitationContext $citation, EntryContext $context): array
    {
        return (new Citation($source, $context, $this->edition))->runs($citation);
    }

    public function orderedBy(Source $source): array
    {
        $leaders = Entry::primaryContributors($source);
        $title = SortKey::title($source->title->full(), $source->language);
        $authors = [];
        foreach ($leaders as $leader) {
            array_push($authors, ...SortKey::name($leader->name, true));
        }
        // Undated works come first, those in press last.
        $date = $source->date();
        $when = match (true) {
            $date->isDate() => 'b'.sprintf('%04d', $date->year),
            $source->container()->status !== '' || ! $date->isNone() => 'c',
            default => 'a',
        };

        return $leaders === [] ? [$title, $when] : [...$authors, '', $when, $title];
    }

    public function ordersWordByWord(): bool
    {
        return true;
    }

    public function authorKey(Source $source): string
    {
        $leaders = Entry::primaryContributors($source);

        return $leaders === [] ? '' : json_encode(array_map(static fn (Contributor $one): array => $one->name->toArray(), array_values($leaders)), JSON_THROW_ON_ERROR);
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
}
