<?php

declare(strict_types=1);

namespace Bibrel\App\Courses;

use Bibrel\App\Models\HandIn;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\PaperChanges;

/** What is handed in to a course: a paper as it stands at that moment. */
final readonly class HandIns
{
    public function __construct(private PaperChanges $papers)
    {
    }

    /** Hands the paper in; asking twice under one id does it once. */
    public function give(Paper $paper, string $id, string $by, string $name): HandIn
    {
        return $this->papers->within($paper->id, static function (Paper $paper) use ($id, $by, $name): HandIn {
            $known = HandIn::query()->where('paper_id', $paper->id)->find($id);
            if ($known !== null) {
                return $known;
            }
            $paper->load('sources');
            $handIn = HandIn::query()->create([
                'id' => $id,
                'course_id' => $paper->course_id,
                'paper_id' => $paper->id,
                'guest_id' => $by,
                'name' => $name,
                'state' => [
                    // The rules as they are now: the teacher may change them later.
                    'settings' => ['course' => $paper->courseRules()->toArray(), 'course_id' => null] + $paper->state(),
                    'sources' => $paper->sources->map(static fn (SourceRecord $one): array => [
                        'id' => $one->id, 'version' => $one->version, 'data' => $one->data, 'reading' => $one->reading,
                    ])->values()->all(),
                ],
            ]);
            $paper->raise();

            return $handIn;
        });
    }

    /** The paper as it was handed in, to be read like any other; it is never saved. */
    public static function paper(HandIn $handIn): Paper
    {
        $paper = (new Paper)->forceFill(['id' => $handIn->paper_id] + $handIn->state['settings']);
        $paper->setRelation('courseOf', null);
        $sources = array_map(
            static fn (array $one): SourceRecord => (new SourceRecord)->forceFill(
                ['paper_id' => $handIn->paper_id] + $one,
            ),
            $handIn->state['sources'],
        );

        return $paper->setRelation('sources', $paper->newCollection($sources));
    }
}
