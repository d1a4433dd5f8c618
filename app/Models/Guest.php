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
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\Access\Authorizable as AuthorizableByPolicy;

/**
 * Whoever papers belong to: a browser that comes back, known by an encrypted cookie that holds its id, or, once somebody
 * has signed in, their account, which is the guest with the account's own id.
 *
 * @property string $id a ULID
 * @property string $seen_on the day of the last visit, Y-m-d
 * @property string $name what others on a paper call them; '' where they did not say
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

    /** What is said of somebody who gave no name. */
    public const NAMELESS = 'Somebody';

    /** The sign-in this request came with. */
    public ?SignIn $signIn = null;

    /** The guest with this id, whether there is a row for it yet or not. */
    public static function known(string $id): self
    {
        return (new self)->forceFill(['id' => $id]);
    }

    /** @return HasOne<Account, $this> */
    public function account(): HasOne
    {
        return $this->hasOne(Account::class, 'id', 'id');
    }

    /** @return HasMany<Course, $this> */
    public function courses(): HasMany
    {
        return $this->hasMany(Course::class, 'guest_id');
    }

    /**
     * @param  array<string>  $ids
     * @return array<string, string> what each of them is called, by id
     */
    public static function names(array $ids): array
    {
        $ids = array_values(array_unique($ids));
        $names = self::query()->whereKey($ids)->where('name', '!=', '')->pluck('name', 'id')->all();

        return $names + array_fill_keys($ids, self::NAMELESS);
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
