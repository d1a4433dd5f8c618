<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\App\Sharing\Right;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A way into a paper for others: a link, or an invitation to one person, by which a right is given until it is taken
 * back or runs out.
 *
 * @property string $id a ULID the browser made
 * @property string $paper_id
 * @property Right $may
 * @property string $token what the link ends with; nobody can guess it
 * @property ?string $email whom it is for; null for whoever has the link
 * @property ?Carbon $ends_at
 * @property ?Carbon $revoked_at
 * @property Carbon $created_at
 * @property-read Paper $paper
 * @property-read Collection<int, Member> $members
 */
final class Share extends Model
{
    use HasClientMadeId;

    /** @var array<string, string> */
    protected $casts = [
        'may' => Right::class, 'ends_at' => 'datetime', 'revoked_at' => 'datetime', 'created_at' => 'datetime',
    ];

    /** @return BelongsTo<Paper, $this> */
    public function paper(): BelongsTo
    {
        return $this->belongsTo(Paper::class, 'paper_id');
    }

    /** @return HasMany<Member, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(Member::class, 'share_id');
    }

    /** @return Builder<self> those that still let somebody in */
    public static function live(): Builder
    {
        $live = self::query();
        $live->whereNull('revoked_at')
            ->where(static fn (Builder $open) => $open->whereNull('ends_at')->orWhere('ends_at', '>', now()));

        return $live;
    }

    public function isLive(): bool
    {
        return $this->revoked_at === null && ($this->ends_at === null || $this->ends_at->isFuture());
    }
}
