<?php

declare(strict_types=1);

namespace Bibrel\App\People;

use Bibrel\App\Models\Account;
use Bibrel\App\Models\SignIn;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/**
 * In which browsers somebody is signed in. The way in is an encrypted cookie with an id and a secret, of which the
 * database has a hash only.
 */
final class SignIns
{
    public const COOKIE = 'bibrel_sign_in';

    private const MINUTES = 60 * 24 * 400;

    private const SECRET = 48;

    /** Hours after which it is noted anew that it is in use. */
    private const NOTED = 1;

    /** The sign-in a request comes with, if it still holds. */
    public function of(Request $request): ?SignIn
    {
        $cookie = $request->cookie(self::COOKIE);
        [$id, $secret] = is_string($cookie) && str_contains($cookie, '|') ? explode('|', $cookie, 2) : ['', ''];
        $signIn = Str::isUlid($id) ? SignIn::query()->find($id) : null;
        if ($signIn === null || ! hash_equals($signIn->secret, self::hash($secret))) {
            return null;
        }
        if ($signIn->seen_at->lt(now()->subHours(self::NOTED))) {
            $signIn->update(['seen_at' => now()]);
            $this->give($signIn, $secret, $request);
        }

        return $signIn;
    }

    /** @param  bool  $lasting  whether it outlasts the browser's window */
    public function start(Account $account, Request $request, bool $lasting): SignIn
    {
        $secret = Str::random(self::SECRET);
        $signIn = SignIn::query()->create([
            'account_id' => $account->id,
            'secret' => self::hash($secret),
            'agent' => mb_substr(mb_scrub((string) $request->userAgent()), 0, 200),
            'lasting' => $lasting,
            'seen_at' => now(),
        ]);
        $this->give($signIn, $secret, $request);
        $request->session()->regenerate();

        return $signIn;
    }

    public function end(SignIn $signIn, Request $request): void
    {
        $signIn->delete();
        Cookie::queue(Cookie::forget(self::COOKIE));
        $request->session()->regenerate();
    }

    /** Ends all of them but one: after a new password nobody else is in. */
    public function endOthers(Account $account, ?SignIn $but = null): void
    {
        $account->signIns()->whereKeyNot($but->id ?? '')->delete();
    }

    private function give(SignIn $signIn, string $secret, Request $request): void
    {
        $minutes = $signIn->lasting ? self::MINUTES : 0;
        Cookie::queue(Cookie::make(
            self::COOKIE,
            "{$signIn->id}|{$secret}",
            $minutes,
            '/',
            null,
            $request->isSecure(),
            true,
            false,
            'lax',
        ));
    }

    private static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
