<?php

declare(strict_types=1);

return [
    // The port of 127.0.0.1 at which the stand-in world answers.
    'port' => env('STANDINS_PORT'),
    // Whether every new guest finds the demo papers.
    'demo' => (bool) env('DEMO', false),
];
