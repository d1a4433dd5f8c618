<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        // Longer than a look-up may take: what is reserved for longer has lost its worker.
        'database' => ['driver' => 'database', 'table' => 'jobs', 'queue' => 'default', 'retry_after' => 70, 'after_commit' => true],
    ],
];
