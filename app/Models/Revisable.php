<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Carbon\CarbonInterface;

/**
 * Something that keeps its earlier states.
 */
interface Revisable
{
    /** "source" or "paper". */
    public function subjectType(): string;

    public function version(): int;

    /** The tab whose typing made it what it is, and when; null where something else did. */
    public function typedIn(): ?string;

    public function changedAt(): ?CarbonInterface;

    /** @return array<string, mixed> all that a change may touch, by column */
    public function state(): array;
}
