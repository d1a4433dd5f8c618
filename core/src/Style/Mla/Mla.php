<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\SortKey;
use Bibrel\Core\Style\Style;

/** MLA in its 9th, 8th and 7th editions. */
final readonly class Mla implements Style
{
    private const LABELS = [9 => 'MLA, 9th edition', 8 => 'MLA, 8th edition', 7 => 'MLA, 7th edition'];

    /** @param  7|8|9  $edition */
    public function __construct(private int $edition = 9)
    {
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
            ? (new Mla7Entry($source, $course, $context))->runs()
            : (new Entry($source, $course, $context, $this->edition))->runs();
    }

    public function citation(Source $source, CitationContext $citation, EntryContext $context): array
    {
        return (new Citation($source, $context))->runs($citation);
    }

    public function orderedBy(Source $source): array
    {
        $authors = [];
        foreach (Entry::primaryContributors($source) as $leader) {
            array_push($authors, ...SortKey::name($leader->name, false));
        }
        // With three or more authors the entry reads "First, et al.", so only the first counts.
        if (count(Entry::primaryContributors($source)) > 2) {
            $authors = [...array_slice($authors, 0, 2), 'et al'];
        }
        $title = SortKey::title($source->title->full(), $source->language);

        return [...$authors, $title, $source->date()->edtf()];
    }

    public function ordersWordByWord(): bool
    {
        return false;
    }

    public function authorKey(Source $source): string
    {
        $leaders = Entry::primaryContributors($source);
        $shown = count($leaders) > 2 ? [reset($leaders)] : $leaders;

        return $leaders === [] ? '' : json_encode([
            count($leaders) > 2 ? array_map(static fn (Contributor $one): array => $one->name->toArray(), array_values($leaders)) : [],
            array_map(static fn (Contributor $one): array => $one->name->toArray(), array_values($shown)),
        ], JSON_THROW_ON_ERROR);
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
}
