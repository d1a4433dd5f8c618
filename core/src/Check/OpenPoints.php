<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Severity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;

/**
 * What is open on a source: what was noticed when it was read and nobody has settled, and what a careful librarian
 * would remark today. The one place that decides it; the list, the form and the page count what it gives.
 */
final readonly class OpenPoints
{
    private Check $check;

    /** @param  int  $today  as YYYYMMDD, which dates are held against */
    public function __construct(Style $style, int $today)
    {
        $this->check = new Check($style, $today);
    }

    /**
     * @param  list<Issue>  $read  what was noticed when it was read
     * @param  list<string>  $dismissed  ids of issues that were put aside
     * @param  ?Source  $double  what is on the paper already and looks like this one
     * @return list<array<string, mixed>> issues in their JSON shape, `ofReading` where they were noticed in reading
     */
    public function of(Source $source, array $read, array $dismissed, ?Source $double = null): array
    {
        $isDismissed = static fn (Issue $one): bool => in_array($one->id, $dismissed, true);
        $none = array_map(
            static fn (Issue $one): string => $one->field->list()->key,
            array_filter(
                $read,
                static fn (Issue $one): bool => $isDismissed($one) && $one->dismissal === Dismissal::HasNone,
            ),
        );
        $points = [];
        foreach ($read as $issue) {
            if (! $isDismissed($issue) && ! self::isSettled($issue, $source)) {
                $points[] = ['ofReading' => true] + $issue->toArray();
            }
        }
        $asked = array_column($points, 'field');
        foreach ($this->check->issues($source) as $issue) {
            // A field somebody is asked about need not be said to be empty as well.
            $isSaidAlready = $issue->severity === Severity::Hint && in_array($issue->field->key, $asked, true);
            if (! $isDismissed($issue) && ! $isSaidAlready) {
                $points[] = ['ofReading' => false] + self::without($issue, $none)->toArray();
            }
        }

        return [...$points, ...self::double($double, $dismissed)];
    }

    /** Whether what was noticed in reading is settled by what stands in its field. */
    private static function isSettled(Issue $issue, Source $source): bool
    {
        return $issue->dismissal?->waits() !== true && $source->has($issue->field->list());
    }

    /**
     * @param  list<string>  $dismissed
     * @return list<array<string, mixed>>
     */
    public static function double(?Source $first, array $dismissed): array
    {
        $issue = $first === null ? null : Check::double($first);

        return $issue === null || in_array($issue->id, $dismissed, true)
            ? []
            : [['ofReading' => false] + $issue->toArray()];
    }

    /**
     * A field the student says the source does not have is open no more.
     *
     * @param  array<string>  $none  the spellings of such fields
     */
    private static function without(Issue $issue, array $none): Issue
    {
        if ($issue->severity === Severity::Open || ! in_array($issue->field->list()->key, $none, true)) {
            return $issue;
        }
        $sentence = trim("You said the source has none. {$issue->without}");

        return new Issue($issue->id, $issue->field, $sentence, Severity::Hint, without: $issue->without);
    }
}
