<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

use Bibrel\Core\Mix\Measure\ByAuthor;
use Bibrel\Core\Mix\Measure\ByCarrier;
use Bibrel\Core\Mix\Measure\ByDate;
use Bibrel\Core\Mix\Measure\ByKind;
use Bibrel\Core\Mix\Measure\ByPrimacy;
use Bibrel\Core\Mix\Measure\ByScholarship;
use Bibrel\Core\Mix\Measure\BySite;
use Bibrel\Core\Mix\Measure\ByYear;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/** What the sources of a paper are, counted. */
final readonly class Mix
{
    /** @var list<Source> */
    private array $sources;

    /** @param  list<Source>  $sources  what somebody keeps off the page for now is not counted */
    public function __construct(array $sources)
    {
        $this->sources = array_values(array_filter(
            $sources,
            static fn (Source $one): bool => ! $one->leftOut && ! $one->isBare(),
        ));
    }

    /**
     * @param  int  $thisYear  by the student's calendar
     * @return list<Measure> in the order they are shown
     */
    public static function measures(int $thisYear): array
    {
        return [
            new ByKind, new ByCarrier, new ByPrimacy, new ByScholarship,
            new ByYear($thisYear), new ByAuthor, new ByDate, new BySite,
        ];
    }

    public function count(): int
    {
        return count($this->sources);
    }

    /** @return list<Source> those that are counted */
    public function sources(): array
    {
        return $this->sources;
    }

    /** @return list<Share> without sorts nothing is of */
    public function by(Measure $measure): array
    {
        $ids = array_fill_keys(array_keys($measure->sorts()), []);
        foreach ($this->sources as $source) {
            $ids[$measure->of($source)][] = $source->id;
        }
        $shares = [];
        foreach (array_filter($ids) as $sort => $of) {
            $shares[] = new Share((string) $sort, $measure->sorts()[$sort] ?? (string) $sort, $of);
        }
        if ($measure->sorts() === []) {
            usort($shares, static fn (Share $a, Share $b): int => count($b->sources) <=> count($a->sources)
                ?: strcasecmp($a->label, $b->label));
        }

        return $shares;
    }

    /** @return list<array{kind: string, count: int, words: string}> how many of each kind, the most first */
    public function kinds(): array
    {
        $counts = array_count_values(array_map(
            static fn (Source $one): string => $one->text(FieldPath::kind()),
            $this->sources,
        ));
        arsort($counts);

        return array_map(static fn (string $kind, int $count): array => [
            'kind' => $kind, 'count' => $count, 'words' => Kinds::all()->get($kind)->counted($count),
        ], array_keys($counts), $counts);
    }
}
