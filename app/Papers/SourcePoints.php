<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Check\OpenPoints;
use Bibrel\Core\Page\Memory;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;

/** What is open on the sources of a paper, as they are saved or as they are being typed. */
final readonly class SourcePoints
{
    private OpenPoints $points;

    /** By what remembered points are told apart, besides the source: the style, and the day. */
    private string $asked;

    public function __construct(Style $style)
    {
        $today = date('Ymd');
        $this->points = new OpenPoints($style, (int) $today);
        $this->asked = "points|{$style->id()}|{$today}|";
    }

    /**
     * @param  ?array<string, mixed>  $reading  as it is kept next to the source
     * @param  list<string>  $dismissed  ids of issues that were put aside
     * @param  ?Source  $double  what is on the paper already and looks like this one
     * @return list<array<string, mixed>>
     */
    public function of(Source $source, ?array $reading, array $dismissed, ?Source $double = null): array
    {
        $read = array_map(Issue::fromArray(...), array_values($reading['issues'] ?? []));

        return $this->points->of($source, $read, $dismissed, $double);
    }

    /**
     * The same for sources as they are saved; worked out only where nobody remembers it.
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
}
