<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'cookie'),
    'lifetime' => (int) env('SESSION_LIFETIME', 525600),
    'cookie' => env('SESSION_COOKIE', 'bibrel_session'),
    // Not set: whenever the request came by TLS.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
];
