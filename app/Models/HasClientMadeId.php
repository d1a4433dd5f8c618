<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Contracts\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Str;

/** A row whose id, a ULID, is mostly made by the browser, so that asking twice does one thing. */
trait HasClientMadeId
{
    use HasUlids;

    public function initializeHasClientMadeId(): void
    {
        $this->guarded = [];
        $this->dateFormat = 'Y-m-d H:i:s.v';
    }

    /**
     * What lies in a bin is found, too: it can be brought back, and whoever asks for it is told that it was removed.
     *
     * @param  Model|Builder  $query
     * @param  mixed  $value
     * @param  ?string  $field
     * @return Builder
     */
    public function resolveRouteBindingQuery($query, $value, $field = null)
    {
        $found = parent::resolveRouteBindingQuery(
            $query,
            $value,
            $field,
        ); // @phpstan-ignore argument.type (a builder of any model)
        if (static::isSoftDeletable()) {
            $found->withoutGlobalScope(SoftDeletingScope::class);
        }

        return $found;
    }

    /** As the browser writes them. */
    public function newUniqueId(): string
    {
        return (string) Str::ulid();
    }
}
