<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Sharing\Company;
use Bibrel\App\Sharing\Right;
use Illuminate\Database\Eloquent\Collection;

/** The list of papers: of each what a student wants to know before opening it. */
final readonly class PaperList
{
    public function __construct(private Summaries $summaries, private Company $company)
    {
    }

    /**
     * @param  Collection<int, Paper>  $papers  own ones and others'
     * @param  array<string, Right>  $shared  what they may do with others'
     * @return list<array<string, mixed>>
     */
    public function of(Collection $papers, Guest $guest, array $shared): array
    {
        $this->summaries->renew($papers);
        $ids = array_values($papers->map(static fn (Paper $paper): string => $paper->id)->all());
        [$members, $present] = [$this->company->members($ids), $this->company->present($ids)];
        $names = Guest::names(array_merge($papers->pluck('guest_id')->all(), ...array_values($members), ...array_values($present)));
        $called = static fn (array $guests): array => array_values(array_map(
            static fn (string $one): string => $names[$one],
            array_diff($guests, [$guest->id]),
        ));

        return array_values($papers->map(static fn (Paper $paper): array => [
            'id' => $paper->id,
            'title' => $paper->title,
            'className' => $paper->class_name,
            'dueOn' => $paper->due_on,
            'style' => $paper->style,
            'ofCourse' => $paper->courseInUse()?->title,
            'may' => ($paper->guest_id === $guest->id ? Right::Own : $shared[$paper->id])->value,
            'owner' => $paper->guest_id === $guest->id ? '' : $names[$paper->guest_id],
            'with' => $called(array_diff($members[$paper->id] ?? [], [$paper->guest_id])),
            'here' => $called($present[$paper->id] ?? []),
            'updatedAt' => $paper->updated_at?->toIso8601String(),
            ...($paper->summary ?? []),
        ])->all());
    }
}
