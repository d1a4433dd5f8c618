<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\PartOfBook;
use Illuminate\Support\Str;

/** Makes of what was read a source that can be kept, with its evidence next to it. */
final readonly class AddSource
{
    /**
     * @param  string  $lead  by which it can be looked up again; '' where it cannot
     * @param  string  $today  the student's day, as one would write it
     * @param  string  $take  what the student has decided already: "whole", "part"
     * @return array{id: string, data: array<string, mixed>, reading: array<string, mixed>, page_copy: list<mixed>}
     */
    public function prepared(Reading $reading, string $lead, string $today, string $take = ''): array
    {
        $id = (string) Str::ulid();
        $source = $reading->source($id, isset($reading->findings['accessed']) ? $today : '');
        $record = ReadingRecord::of($reading, $lead);
        if ($take === 'whole') {
            $record['reading']['dismissed'] = ['whole-or-part'];
        }
        if ($take === 'part') {
            $source = (new PartOfBook($source))->source();
            $record['reading'] = ReadingRecord::ofPart($record['reading'], $source);
        }
        $data = $source->toArray();
        unset($data['id']);

        return ['id' => $id, 'data' => MemberIds::given($data), ...$record];
    }
}
