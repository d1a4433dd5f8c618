<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Mix\Answer;
use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Mix\Mix;
use Bibrel\Core\Mix\Weighed;
use Bibrel\Core\Page\Memory;
use Bibrel\Core\Source\Identity;
use Bibrel\Core\Source\Severity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;

/** What a paper's sources are, and how they stand to what is asked of them. */
final readonly class Weighing
{
    public Mix $mix;

    /** @param  list<Source>  $sources */
    public function __construct(private array $sources, private Style $style)
    {
        $this->mix = new Mix($sources);
    }

    public static function of(Paper $paper): self
    {
        $paper->loadMissing('sources');

        return new self(
            array_values($paper->sources->map(static fn (SourceRecord $one): Source => $one->source())->all()),
            $paper->styleInUse(),
        );
    }

    /** By the server's calendar: a student's differs by hours at most. */
    public static function thisYear(): int
    {
        return (int) now()->format('Y');
    }

    /** @return list<Answer> */
    public function answers(Asked $asked): array
    {
        return (new Weighed($asked, $this->mix, $this->style, self::thisYear()))->answers();
    }

    /**
     * How many points wait for a look; hints are none.
     *
     * @param  iterable<SourceRecord>  $records
     */
    public function open(iterable $records, Memory $memory): int
    {
        $count = 0;
        foreach ((new SourcePoints($this->style))->ofSaved($records, $memory) as $points) {
            $count += count(array_filter(
                $points,
                static fn (array $one): bool => $one['severity'] !== Severity::Hint->value,
            ));
        }
        $identities = [];
        foreach ($this->sources as $source) {
            $identities[$source->id] = Identity::of($source);
        }
        ksort($identities, SORT_STRING);
        $aside = [];
        foreach ($records as $record) {
            $aside[$record->id] = in_array('double', $record->reading['dismissed'] ?? [], true);
        }

        return $count + count(array_filter(
            array_keys(Identity::doubles($identities)),
            static fn (string $id): bool => ! ($aside[$id] ?? false),
        ));
    }
}
