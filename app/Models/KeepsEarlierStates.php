<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Support\Carbon;

/**
 * What paper and source have in common of a Revisable.
 *
 * @property int $version
 * @property ?string $last_tab
 * @property ?Carbon $updated_at
 */
trait KeepsEarlierStates
{
    public function version(): int
    {
        return $this->version;
    }

    public function typedIn(): ?string
    {
        return $this->last_tab;
    }

    public function changedAt(): ?Carbon
    {
        return $this->updated_at;
    }
}
