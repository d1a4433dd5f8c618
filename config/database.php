<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'bibrel'),
            'username' => env('DB_USERNAME', 'bibrel'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            // Locks are on rows that are there; a look for one that is not there locks no gap around it.
            'isolation_level' => 'READ COMMITTED',
            'options' => [PDO::ATTR_TIMEOUT => 5],
        ],
    ],
];
