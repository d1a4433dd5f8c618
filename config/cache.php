<?php

declare(strict_types=1);

return [
    // Must offer locks: file, database and redis do.
    'default' => env('CACHE_STORE', 'file'),
];
