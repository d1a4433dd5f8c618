<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/bibrel.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'days' => 14,
        ],
    ],
];
