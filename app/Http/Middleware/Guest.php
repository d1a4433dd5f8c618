<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Middleware;

use Bibrel\App\Models\Guest as Browser;
use Bibrel\App\People\SignIns;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/**
 * Knows a browser again by an encrypted, signed cookie that holds nothing but a made-up id, and whoever is signed in by
 * another one. No sign-up.
 */
final class Guest
{
    public const COOKIE = 'bibrel_guest';

    private const MINUTES = 60 * 24 * 400;

    public function __construct(private readonly SignIns $signIns)
    {
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $id = $request->cookie(self::COOKIE);
        if (! is_string($id) || ! Str::isUlid($id)) {
            $this->admit($request);
            $id = (string) Str::ulid();
        }
        // Whoever does not bring the cookie along has not been seen to keep it.
        $request->attributes->set('returns', $request->cookie(self::COOKIE) === $id);
        $signIn = $this->signIns->of($request);
        $guest = Browser::known($signIn->account_id ?? $id);
        $guest->signIn = $signIn;
        $request->attributes->set('browser', $id);
        Auth::setUser($guest);
        $secure = $request->isSecure();
        Cookie::queue(Cookie::make(self::COOKIE, $id, self::MINUTES, '/', null, $secure, true, false, 'lax'));

        return $next($request);
    }

    /** @throws ThrottleRequestsException where one address sends new guests without end */
    private function admit(Request $request): void
    {
        $key = 'new-guests:'.$request->ip();
        if (! RateLimiter::attempt(
            $key,
            (int) config('bibrel.limits.new_guests_a_minute'),
            static fn (): bool => true,
        )) {
            $seconds = RateLimiter::availableIn($key);
            throw new ThrottleRequestsException('', null, ['Retry-After' => $seconds]);
        }
    }
}
