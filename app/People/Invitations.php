<?php

declare(strict_types=1);

namespace Bibrel\App\People;

use Bibrel\App\Models\Account;
use Bibrel\App\Models\Member;
use Bibrel\App\Models\Share;
use Illuminate\Support\Str;

/** Papers that were shared with an address are there for the account whose address it is, once that is confirmed. */
final class Invitations
{
    public function takeUp(Account $account): void
    {
        if (! $account->hasVerifiedEmail()) {
            return;
        }
        foreach (Share::live()->where('email', $account->email)->get() as $share) {
            self::join($share, $account->id);
        }
    }

    /** Where the address is an account's already, the paper is on its list at once. */
    public function invite(Share $share): void
    {
        $account = Account::query()->where('email', $share->email)->whereNotNull('email_verified_at')->first();
        if ($account !== null) {
            self::join($share, $account->id);
        }
    }

    /** Somebody who left comes back only by their own doing: by the link, not by being on the list. */
    public static function join(Share $share, string $guest, bool $again = false): void
    {
        if ($share->paper()->withTrashed()->value('guest_id') === $guest) {
            return;
        }
        Member::query()->insertOrIgnore([
            'id' => (string) Str::ulid(),
            'share_id' => $share->id,
            'paper_id' => $share->paper_id,
            'guest_id' => $guest,
            'created_at' => now(),
        ]);
        if ($again) {
            Member::query()->where(['share_id' => $share->id, 'guest_id' => $guest])->update(['left_at' => null]);
        }
    }
}
