<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\PartOfBook;

/** Takes what was read into a paper as a new source, with its evidence beside it. */
final readonly class Intake
{
    public function __construct(private SourceChanges $sources)
    {
    }

    /**
     * @param  string  $id  a ULID
     * @param  string  $lead  by which it can be looked up again; '' where it cannot
     * @param  string  $today  the student's day, as one would write it
     * @param  string  $take  what the student has decided already: "whole", "part"
     */
    public function add(Paper $paper, Reading $reading, string $id, string $lead, string $today, string $take = ''): SourceRecord
    {
        $source = $reading->source($id, isset($reading->findings['accessed']) ? $today : '');
        $record = ReadingRecord::of($reading, $lead);
        if ($take === 'whole') {
            $record['reading']['settled'] = ['whole-or-part'];
        }
        if ($take === 'part') {
            $source = PartOfBook::of($source);
            $record['reading'] = ReadingRecord::ofPart($record['reading'], $source);
        }
        $data = $source->toArray();
        unset($data['id']);

        return $this->sources->add($paper, $id, ['data' => $data, ...$record]);
    }
}
