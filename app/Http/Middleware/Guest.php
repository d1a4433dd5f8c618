<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Knows a browser again by an encrypted, signed cookie that holds nothing but a made-up id. No sign-up. */
final class Guest
{
    public const COOKIE = 'bibrel_guest';

    private const MINUTES = 60 * 24 * 400;

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $id = $request->cookie(self::COOKIE);
        if (! is_string($id) || ! Str::isUlid($id)) {
            $id = (string) Str::ulid();
        }
        $request->attributes->set('guest', $id);
        Cookie::queue(Cookie::make(self::COOKIE, $id, self::MINUTES, '/', null, $request->isSecure(), true, false, 'lax'));

        return $next($request);
    }

    public static function id(Request $request): string
    {
        return (string) $request->attributes->get('guest');
    }
}
