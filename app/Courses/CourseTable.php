<?php

declare(strict_types=1);

namespace Bibrel\App\Courses;

use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\Weighing;
use Bibrel\Core\Mix\Answer;
use Bibrel\Core\Page\Memory;
use Bibrel\Core\Source\Identity;
use Bibrel\Core\Source\Source;

/**
 * All papers of a course for its teacher. Of a paper that was not handed in they see that it was begun and how many
 * sources it has; what is on it is the student's own until then.
 */
final readonly class CourseTable
{
    public function __construct(private Memory $memory)
    {
    }

    /** @return array{papers: list<array<string, mixed>>, shared: list<array<string, mixed>>} */
    public function of(Course $course): array
    {
        $papers = $course->papers()->withCount('sources')->orderBy('created_at')->get();
        $latest = [];
        $times = [];
        foreach ($course->handIns()->orderBy('created_at')->orderBy('id')->get() as $handIn) {
            $latest[$handIn->paper_id] = $handIn;
            $times[$handIn->paper_id] = 1 + ($times[$handIn->paper_id] ?? 0);
        }
        $names = Guest::names($papers->pluck('guest_id')->all());
        $rows = [];
        $sources = [];
        foreach ($papers as $paper) {
            $handIn = $latest[$paper->id] ?? null;
            $row = [
                'paper' => $paper->id,
                'name' => $handIn->name ?? $names[$paper->guest_id],
                'count' => (int) $paper->getAttribute('sources_count'),
                'handIn' => null,
            ];
            if ($handIn !== null) {
                $read = HandIns::paper($handIn);
                $row = ['title' => $read->title, ...$row, ...$this->read($read, $course)];
                $row['handIn'] = [
                    'id' => $handIn->id,
                    'at' => $handIn->created_at->toIso8601String(),
                    'times' => $times[$paper->id],
                    'isLate' => $course->due_on !== null && $handIn->created_at->gt($course->due_on->endOfDay()),
                ];
                foreach ($read->sources as $one) {
                    $sources[] = ['who' => $row['name'], 'source' => $one->source()];
                }
            }
            $rows[] = $row;
        }

        return ['papers' => $rows, 'shared' => self::shared($sources)];
    }

    /** @return array<string, mixed> */
    private function read(Paper $paper, Course $course): array
    {
        $weighing = Weighing::of($paper);

        return [
            'count' => $weighing->mix->count(),
            'kinds' => $weighing->mix->kinds(),
            'open' => $weighing->open($paper->sources, $this->memory),
            'missing' => array_values(array_map(
                static fn (Answer $one): string => $one->sentence,
                array_filter($weighing->answers($course->asked()), static fn (Answer $one): bool => ! $one->isMet),
            )),
        ];
    }

    /**
     * Sources that several have.
     *
     * @param  list<array{who: string, source: Source}>  $all
     * @return list<array{name: string, people: list<string>}>
     */
    private static function shared(array $all): array
    {
        $identities = [];
        foreach ($all as $i => $one) {
            $identities['s'.$i] = Identity::of($one['source']);
        }
        $groups = [];
        foreach (Identity::doubles($identities) as $later => $first) {
            $groups[$first] ??= [(int) substr($first, 1)];
            $groups[$first][] = (int) substr($later, 1);
        }
        $shared = [];
        foreach ($groups as $members) {
            $people = array_values(array_unique(array_map(static fn (int $i): string => $all[$i]['who'], $members)));
            if (count($people) > 1) {
                $shared[] = ['name' => strip_tags($all[$members[0]]['source']->title->full()), 'people' => $people];
            }
        }
        usort($shared, static fn (array $a, array $b): int => count($b['people']) <=> count($a['people']));

        return $shared;
    }
}
