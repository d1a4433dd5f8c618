<?php

declare(strict_types=1);

return [
    'default' => 'local',
    'disks' => [
        // Nothing is served from it.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],
    ],
];
