<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Revisable;
use Illuminate\Database\Eloquent\Model;

/** Keeps how something stood before a change. */
final class History
{
    /** Seconds within which the typing of one tab counts as one change. */
    private const BURST = 120;

    /** Seconds after which a burst is kept in between all the same. */
    private const LONGEST_BURST = 600;

    /** @param  ?list<array{tag: string, text: string}>  $pageCopy where the change replaces that, too */
    public function keep(Model&Revisable $before, Cause $cause, ?string $tab = null, ?array $pageCopy = null): void
    {
        if ($cause === Cause::Typed && $this->isInBurst($before, $tab)) {
            return;
        }
        $this->write($before, $cause, $before->state(), $pageCopy);
    }

    /**
     * Keeps what was typed and not chosen where two had changed one field.
     *
     * @param  array<string, mixed>  $state
     */
    public function setAside(Model&Revisable $subject, array $state): void
    {
        $this->write($subject, Cause::SetAside, $state, null);
    }

    private function isInBurst(Model&Revisable $before, ?string $tab): bool
    {
        $changed = $before->changedAt();
        if ($tab === null || $before->typedIn() !== $tab || $changed?->gt(now()->subSeconds(self::BURST)) !== true) {
            return false;
        }
        $latest = EarlierState::of($before)->value('created_at');

        return $latest !== null && now()->subSeconds(self::LONGEST_BURST)->lt($latest);
    }

    /**
     * @param  array<string, mixed>  $state
     * @param  ?list<array{tag: string, text: string}>  $pageCopy
     */
    private function write(Model&Revisable $subject, Cause $cause, array $state, ?array $pageCopy): void
    {
        EarlierState::query()->create([
            'subject_type' => $subject->subjectType(),
            'subject_id' => $subject->getKey(),
            'version' => $subject->version(),
            'cause' => $cause,
            'state' => $state,
            'page_copy' => $pageCopy,
            'made_by' => $subject->getAttribute('changed_by'),
        ]);
    }
}
