<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A browser somebody is signed in with. It is known by an encrypted cookie, and not by a session: what is asked for at
 * every key has none. Ending it ends the browser's way in at once.
 *
 * @property string $id a ULID
 * @property string $account_id
 * @property string $secret hashed
 * @property string $agent what the browser calls itself
 * @property bool $lasting whether it outlasts the browser's window
 * @property Carbon $seen_at
 * @property Carbon $created_at
 * @property-read Account $account
 */
final class SignIn extends Model
{
    use HasClientMadeId;

    public const UPDATED_AT = null;

    /** @var list<string> */
    protected $hidden = ['secret'];

    /** @var array<string, string> */
    protected $casts = ['lasting' => 'boolean', 'seen_at' => 'datetime', 'created_at' => 'datetime'];

    /** @return BelongsTo<Account, $this> */
    public function account(): BelongsTo
    {
        return $this->belongsTo(Account::class, 'account_id');
    }
}
