<?php

declare(strict_types=1);

return [
    // Whether every new guest finds the demo papers.
    'demo' => (bool) env('DEMO', false),

    // Looking up web pages.
    'lookup' => [
        'seconds' => 10,
        'bytes' => 5 * 1024 * 1024,
        'redirects' => 6,
        'agent' => 'Bibrel/1 (fills in citations for students; one page at a time)',
    ],

    // The stand-in world answers for made-up *.example hosts on this port of 127.0.0.1. Never in production.
    'standins' => [
        'port' => env('APP_ENV') === 'production' ? null : env('STANDINS_PORT'),
    ],
];
