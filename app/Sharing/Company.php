<?php

declare(strict_types=1);

namespace Bibrel\App\Sharing;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Member;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\Presence;
use Bibrel\App\Models\Share;
use Illuminate\Support\Collection;

/** Who is with a paper, and who of them is there just now. */
final class Company
{
    /** Seconds after which it is noted anew that a tab is there. */
    private const NOTED = 6;

    /**
     * @param  list<string>  $papers  ids
     * @return array<string, list<string>> ids of those a paper is shared with who came, by the paper's id
     */
    public function members(array $papers): array
    {
        $members = [];
        $places = Member::query()->whereIn('paper_id', $papers)->whereNull('left_at')
            ->whereIn('share_id', Share::live()->select('id'))->orderBy('id')->get(['paper_id', 'guest_id']);
        foreach ($places as $one) {
            $members[$one->paper_id][$one->guest_id] = $one->guest_id;
        }

        return array_map(array_values(...), $members);
    }

    /**
     * @param  list<string>  $papers  ids
     * @return array<string, list<string>> ids of those who have a paper open, by the paper's id
     */
    public function present(array $papers): array
    {
        $there = [];
        foreach (Presence::now()->whereIn('paper_id', $papers)->get(['paper_id', 'guest_id']) as $one) {
            $there[$one->paper_id][$one->guest_id] = $one->guest_id;
        }

        return array_map(array_values(...), $there);
    }

    public function isShared(Paper $paper): bool
    {
        return Share::live()->where('paper_id', $paper->id)->exists();
    }

    /**
     * Notes that somebody has the paper open, and tells who else has.
     *
     * @param  ?string  $at  the source whose form is open there
     * @return list<array{guest: string, name: string, at: ?string}> the others, each once
     */
    public function meet(Paper $paper, Guest $guest, string $tab, ?string $at): array
    {
        $there = Presence::now()->where('paper_id', $paper->id)->orderBy('guest_id')->orderByDesc('seen_at')->get();
        $known = $there->firstWhere('tab', $tab);
        $isNew = $known === null || $known->source_id !== $at
            || $known->seen_at->lt(now()->subSeconds(self::NOTED));
        if ($isNew) {
            Presence::query()->upsert([
                'paper_id' => $paper->id,
                'tab' => $tab,
                'guest_id' => $guest->id,
                'source_id' => $at,
                'seen_at' => now()->format('Y-m-d H:i:s.v'),
            ], ['paper_id', 'tab'], ['guest_id', 'source_id', 'seen_at']);
        }

        return self::told($there->where('guest_id', '!=', $guest->id)->unique('guest_id'));
    }

    public function leave(Paper $paper, Guest $guest, string $tab): void
    {
        Presence::query()->where(['paper_id' => $paper->id, 'guest_id' => $guest->id, 'tab' => $tab])->delete();
    }

    /**
     * @param  Collection<int, Presence>  $there
     * @return list<array{guest: string, name: string, at: ?string}>
     */
    private static function told(Collection $there): array
    {
        $names = Guest::names($there->pluck('guest_id')->all());

        return array_values($there->map(static fn (Presence $one): array => [
            'guest' => $one->guest_id,
            'name' => $names[$one->guest_id],
            'at' => $one->source_id,
        ])->all());
    }
}
