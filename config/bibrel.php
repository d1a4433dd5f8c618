<?php

declare(strict_types=1);

$production = env('APP_ENV') === 'production';

return [
    // Providers that change what a trial installation does: the stand-in world and its first papers. Never in production.
    'extensions' => $production ? [] : array_filter(explode(',', (string) env('BIBREL_EXTENSIONS', ''))),

    // By which what one release remembered is told from what another does; as the configuration is cached, it stays.
    'release' => (string) env('BIBREL_RELEASE', '') ?: dechex(time()),

    // Where composed entries are remembered: apcu, a store of the cache that all servers share (redis), or '' for nowhere.
    'memory' => [
        'store' => (string) env('PAGE_MEMORY', 'apcu'),
        'minutes' => 24 * 60,
    ],

    // Looking up web pages.
    'lookup' => [
        // For a page and all that it points to, and for a document it points to, in seconds.
        'seconds' => 15,
        'linked_seconds' => 5,
        'bytes' => 5 * 1024 * 1024,
        'redirects' => 6,
        // How long an answer is remembered, and how many look-ups may ask one host at once.
        'remembered_minutes' => (int) env('LOOKUP_REMEMBERED_MINUTES', 15),
        'at_once' => 3,
        // How many look-ups of one guest are under way at once; the others wait for these.
        'of_one_guest' => 2,
        'agent' => 'Bibrel/1 (fills in citations for students; one page at a time)',
    ],

    // What reading one document may cost: it happens in a process of its own.
    'reading' => [
        'seconds' => 5,
        'megabytes' => 512,
    ],
    'drafts' => [
        'seconds' => 30,
        'megabytes' => 1536,
    ],

    // Where books and DOIs are looked up; see docs/deployment.md for the open protocols these must speak. Empty: not at all.
    'services' => [
        'catalogue' => (string) env('CATALOGUE_URL', ''),
        'doi' => (string) env('DOI_URL', ''),
        'doi_search' => (string) env('DOI_SEARCH_URL', ''),
    ],

    // The most that one guest, one address, one paper and one source may take up.
    'limits' => [
        'saves_a_minute' => ['guest' => 900, 'address' => 12_000],
        'compositions_a_minute' => ['guest' => 1_500, 'address' => 40_000],
        'lookups_a_minute' => ['guest' => 60, 'address' => 1_500],
        'drafts_a_minute' => ['guest' => 60, 'address' => 600],
        'accounts_a_minute' => ['guest' => 20, 'address' => 300],
        'links_a_minute' => ['guest' => 120, 'address' => 3_000],
        'batches_a_minute' => ['guest' => 10, 'address' => 300],
        'new_guests_a_minute' => 400,
        'open_lookups' => 400,
        'lines' => 200,
        'records' => 1_000,
        'sources' => 5_000,
        'source' => ['contributors' => 1_000, 'containers' => 3, 'dismissed' => 300, 'custom_depth' => 16, 'custom_bytes' => 100_000],
    ],

    // How many days something is kept that nobody reaches any more.
    'kept_days' => [
        'guests' => 400,
        'bins' => 60,
        'states' => 60,
        'lookups' => 30,
        'drafts' => 60,
    ],
];
