<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class SecurityHeaders
{
    private const POLICY = [
        "default-src 'none'",
        "script-src 'self'",
        "style-src 'self' 'nonce-%s'",
        "img-src 'self' data: blob:",
        "font-src 'self'",
        "connect-src 'self'",
        "manifest-src 'self'",
        "worker-src 'self'",
        "base-uri 'none'",
        "form-action 'self'",
        "frame-ancestors 'none'",
    ];

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $nonce = base64_encode(random_bytes(16));
        $request->attributes->set('nonce', $nonce);
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => sprintf(implode('; ', self::POLICY), $nonce),
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'geolocation=(), microphone=(), payment=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
            ...($request->isSecure() ? ['Strict-Transport-Security' => 'max-age=31536000'] : []),
        ]);

        return $response;
    }
}
