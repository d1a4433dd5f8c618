<?php

declare(strict_types=1);

namespace Bibrel\App\Sharing;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Member;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\Share;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** What somebody may do with a paper: all of it with their own, with others' what a share that still holds gives. */
final class Rights
{
    public function of(string $guest, Paper $paper): ?Right
    {
        if ($paper->guest_id === $guest) {
            return Right::Own;
        }

        $places = $this->places($guest)->where('paper_id', $paper->id)->get();

        return self::highest(array_values(
            $places->map(static fn (Member $one): Right => $one->share->may)->all(),
        ));
    }

    /**
     * Papers of others somebody has come to.
     *
     * @return array<string, Right> by the paper's id
     */
    public function shared(Guest $guest): array
    {
        $rights = [];
        foreach ($this->places($guest->id)->get() as $place) {
            $rights[$place->paper_id][] = $place->share->may;
        }

        return array_filter(array_map(self::highest(...), $rights));
    }

    /**
     * @throws ModelNotFoundException<Paper> where the paper is none of theirs
     * @throws AuthorizationException where they may do less with it
     */
    public function demand(string $guest, Paper $paper, Right $wanted): void
    {
        $right = $this->of($guest, $paper) ?? throw (new ModelNotFoundException)->setModel(Paper::class, [$paper->id]);
        if (! $right->holds($wanted)) {
            throw new AuthorizationException($right->refusal());
        }
    }

    /** @return Builder<Member> */
    private function places(string $guest): Builder
    {
        $places = Member::query()->with('share')->where('guest_id', $guest);
        $places->whereNull('left_at')->whereIn('share_id', Share::live()->select('id'));

        return $places;
    }

    /** @param  list<Right>  $rights */
    private static function highest(array $rights): ?Right
    {
        return array_reduce(
            $rights,
            static fn (?Right $best, Right $one): Right => $best?->holds($one) === true ? $best : $one,
        );
    }
}
