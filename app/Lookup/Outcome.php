<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Reading;

/**
 * What became of a lead: one reading, several to be added, several to choose from, or a citation to compare with ours.
 */
final readonly class Outcome
{
    /**
     * @param  list<Reading>  $readings  to be added as they are
     * @param  list<Candidate>  $candidates  to choose from
     * @param  ?Reading  $citation  a finished citation taken apart, to be shown next to our own
     * @param  ?Reason  $failure  why the one reading holds no more than what was pasted
     */
    private function __construct(
        public array $readings = [],
        public array $candidates = [],
        public ?Reading $citation = null,
        public ?Reason $failure = null,
    ) {
    }

    /** What the lead itself tells, where no more was to be had. */
    public static function failed(Reading $known, Reason $reason): self
    {
        return new self([$known], failure: $reason);
    }

    public static function reading(Reading ...$readings): self
    {
        return new self(array_values($readings));
    }

    /** @param  list<Candidate>  $candidates */
    public static function choice(array $candidates): self
    {
        return new self(candidates: $candidates);
    }

    public static function citation(Reading $citation): self
    {
        return new self(citation: $citation);
    }
}
