<?php

declare(strict_types=1);

return [
    // There is no sign-up: whoever asks is a browser that is known again by its cookie.
    'defaults' => ['guard' => 'browser'],
    'guards' => ['browser' => ['driver' => 'browser']],
];
