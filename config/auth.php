<?php

declare(strict_types=1);

return [
    // Nobody has to sign up: whoever asks is a browser that is known by its cookie, or somebody who signed in with it.
    'defaults' => ['guard' => 'browser', 'passwords' => 'accounts'],
    'guards' => ['browser' => ['driver' => 'browser']],
    'providers' => ['accounts' => ['driver' => 'eloquent', 'model' => Bibrel\App\Models\Account::class]],
    'passwords' => [
        'accounts' => ['provider' => 'accounts', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
    ],
    'verification' => ['expire' => 60 * 24 * 3],
];
