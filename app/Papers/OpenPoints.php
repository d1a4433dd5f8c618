<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Check\Check;
use Bibrel\Core\Page\Memory;
use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Severity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;

/**
 * What is open on a source: what was noticed when it was read and nobody has settled, and what a careful librarian would
 * remark today. The one place that decides it; the list, the form and the page count what it gives.
 */
final readonly class OpenPoints
{
    private Check $check;

    /** By what remembered points are told apart, besides the source: the style, and the day, which dates are held against. */
    private string $asked;

    public function __construct(Style $style)
    {
        $today = date('Ymd');
        $this->check = new Check($style, (int) $today);
        $this->asked = "points|{$style->id()}|{$today}|";
    }

    /**
     * The same for sources as they are saved, those only that nobody remembers the points of.
     *
     * @param  iterable<SourceRecord>  $records
     * @return array<string, list<array<string, mixed>>> by the source's id
     */
    public function ofSaved(iterable $records, Memory $memory): array
    {
        $keys = [];
        foreach ($records as $record) {
            $keys[$record->id] = "{$this->asked}{$record->id}.{$record->version}";
        }
        $known = $memory->recall(array_values($keys));
        $points = [];
        $new = [];
        foreach ($records as $record) {
            $key = $keys[$record->id];
            $points[$record->id] = $known[$key] ?? $new[$key] = $this->of(
                $record->source(),
                $record->reading,
                $record->reading['dismissed'] ?? [],
            );
        }
        $memory->keep($new);

        return $points;
    }

    /**
     * @param  ?array<string, mixed>  $reading  as it is kept next to the source
     * @param  list<string>  $dismissed  ids of issues that were put aside
     * @param  ?Source  $double  what is on the paper already and looks like this one
     * @return list<array<string, mixed>> issues in their JSON shape, `ofReading` where they were noticed in reading
     */
    public function of(Source $source, ?array $reading, array $dismissed, ?Source $double = null): array
    {
        $read = array_map(Issue::fromArray(...), array_values($reading['issues'] ?? []));
        $checked = $this->check->issues($source);
        $answered = array_filter($read, static fn (Issue $one): bool => in_array($one->id, $dismissed, true));
        $has = array_filter($answered, static fn (Issue $one): bool => $one->dismissal === Dismissal::HasNone);
        $none = array_map(static fn (Issue $one): string => $one->field->list()->key, $has);
        $points = [];
        foreach ($read as $issue) {
            $isSettled = $issue->dismissal?->waits() !== true && $source->has($issue->field->list());
            if (! $isSettled && ! in_array($issue->id, $dismissed, true)) {
                $points[] = ['ofReading' => true] + $issue->toArray();
            }
        }
        $asked = array_column($points, 'field');
        foreach ($checked as $issue) {
            // A field somebody is asked about need not be said to be empty as well.
            $isSaidAlready = $issue->severity === Severity::Hint && in_array($issue->field->key, $asked, true);
            if (! $isSaidAlready && ! in_array($issue->id, $dismissed, true)) {
                $isSaid = $issue->severity !== Severity::Open && in_array($issue->field->list()->key, $none, true);
                $points[] = ['ofReading' => false] + ($isSaid ? self::withoutIt($issue) : $issue)->toArray();
            }
        }

        return [...$points, ...self::double($double, $dismissed)];
    }

    /**
     * @param  list<string>  $dismissed
     * @return list<array<string, mixed>>
     */
    public static function double(?Source $first, array $dismissed): array
    {
        $issue = $first === null ? null : Check::double($first);

        return $issue === null || in_array($issue->id, $dismissed, true) ? [] : [['ofReading' => false] + $issue->toArray()];
    }

    /** A field the student says the source does not have is open no more. */
    private static function withoutIt(Issue $issue): Issue
    {
        $sentence = trim("You said the source has none. {$issue->without}");

        return new Issue($issue->id, $issue->field, $sentence, Severity::Hint, without: $issue->without);
    }
}
