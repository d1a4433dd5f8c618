<?php

declare(strict_types=1);

return [
    'particles' => ['bin', 'ibn', 'al', 'el'],
];
