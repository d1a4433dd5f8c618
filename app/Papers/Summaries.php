<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Paper;
use Bibrel\Core\Mix\Answer;
use Bibrel\Core\Page\Memory;
use Illuminate\Database\Eloquent\Collection;

/**
 * What the list of papers tells of each: how many sources of which kinds, what is asked and missing, what wants a look.
 * Worked out once a state of the paper, since a list of a hundred papers has no time to read all their sources.
 */
final readonly class Summaries
{
    public function __construct(private Memory $memory)
    {
    }

    /** @param  Collection<int, Paper>  $papers  those that have changed since get theirs anew */
    public function renew(Collection $papers): void
    {
        $papers->loadMissing('courseOf');
        $stale = $papers->filter(fn (Paper $paper): bool => $paper->summary_of !== $this->state($paper));
        $stale->loadMissing('sources');
        foreach ($stale as $paper) {
            $paper->summary = $this->of($paper);
            $paper->summary_of = $this->state($paper);
            Paper::query()->whereKey($paper->id)->toBase()->update([
                'summary' => json_encode($paper->summary, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
                'summary_of' => $paper->summary_of,
            ]);
            $paper->unsetRelation('sources');
        }
    }

    /** @return array<string, mixed> */
    private function of(Paper $paper): array
    {
        $weighing = Weighing::of($paper);
        $answers = $weighing->answers($paper->asked());

        return [
            'count' => $weighing->mix->count(),
            'kinds' => $weighing->mix->kinds(),
            'open' => $weighing->open($paper->sources, $this->memory),
            'asked' => array_map(static fn (Answer $one): array => $one->toArray(), $answers),
        ];
    }

    /** By which a state of a paper is told from others, as far as a summary says anything of it. */
    private function state(Paper $paper): string
    {
        $course = $paper->courseInUse();

        return md5(implode('.', [
            $paper->revision, $course === null ? '' : "{$course->id}-{$course->version}", config('bibrel.release'),
            Weighing::thisYear(),
        ]));
    }
}
