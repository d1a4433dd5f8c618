<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Read\Reading;

/** Takes what was read into a paper as a new source, with its evidence beside it. */
final class Intake
{
    /**
     * @param  string  $id  a ULID
     * @param  string  $today  the student's day, as one would write it
     * @param  list<string>  $settled  ids of remarks that are answered already
     */
    public static function add(Paper $paper, Reading $reading, string $id, string $lead, string $today, array $settled = []): SourceRecord
    {
        $data = $reading->source($id, isset($reading->findings['accessed']) ? $today : '')->toArray();
        unset($data['id']);
        $kept = ReadingRecord::of($reading, $lead);
        $kept['reading']['settled'] = $settled;
        $record = SourceRecord::query()->create(['id' => $id, 'paper_id' => $paper->id, 'data' => $data, ...$kept, 'version' => 1]);
        $paper->touch();

        return $record;
    }
}
