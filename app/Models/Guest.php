<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\Database\Factories\GuestFactory;
use Illuminate\Auth\Authenticatable as AuthenticatableByKey;
use Illuminate\Contracts\Auth\Access\Authorizable;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\Access\Authorizable as AuthorizableByPolicy;

/**
 * A browser that comes back. It has no name and no password: it is known by an encrypted cookie that holds its id.
 *
 * @property string $id a ULID
 * @property string $seen_on the day of the last visit, Y-m-d
 */
#[UseFactory(GuestFactory::class)]
final class Guest extends Model implements Authenticatable, Authorizable
{
    use AuthenticatableByKey;
    use AuthorizableByPolicy;
    use HasClientMadeId;

    /** @use HasFactory<GuestFactory> */
    use HasFactory;

    public $timestamps = false;

    /** The guest with this id, whether there is a row for it yet or not. */
    public static function known(string $id): self
    {
        return (new self)->forceFill(['id' => $id]);
    }

    /** @return HasMany<Paper, $this> */
    public function papers(): HasMany
    {
        return $this->hasMany(Paper::class, 'guest_id');
    }

    /** Notes the visit; true for whoever is here for the first time, once however many requests ask at once. */
    public function arrive(): bool
    {
        $today = now()->toDateString();
        if (self::query()->insertOrIgnore(['id' => $this->id, 'seen_on' => $today]) === 1) {
            return true;
        }
        self::query()->whereKey($this->id)->where('seen_on', '<', $today)->update(['seen_on' => $today]);

        return false;
    }
}
