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
        // How long an answer is remembered, and how many requests may run at once to one host.
        'remembered_minutes' => (int) env('LOOKUP_REMEMBERED_MINUTES', 15),
        'at_once' => 3,
        'agent' => 'Bibrel/1 (fills in citations for students; one page at a time)',
    ],

    // Where books and DOIs are looked up; see docs/deployment.md for the open protocols these must speak. Empty: not at all.
    'services' => [
        'catalogue' => env('CATALOGUE_URL', env('APP_ENV') === 'production' ? '' : 'https://catalogue.northmere.example/sru'),
        'doi' => env('DOI_URL', env('APP_ENV') === 'production' ? '' : 'https://doi.northmere.example'),
        'doi_search' => env('DOI_SEARCH_URL', env('APP_ENV') === 'production' ? '' : 'https://doi.northmere.example/works'),
    ],

    // The stand-in world answers for made-up *.example hosts on this port of 127.0.0.1. Never in production.
    'standins' => [
        'port' => env('APP_ENV') === 'production' ? null : env('STANDINS_PORT'),
    ],
];
