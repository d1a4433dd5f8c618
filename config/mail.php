<?php

declare(strict_types=1);

return [
    // smtp, or log; a trial installation has a mailbox of its own (standins/Mailbox.php).
    'default' => env('MAIL_MAILER', 'log'),
    'mailers' => [
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => (int) env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 10,
        ],
        'log' => ['transport' => 'log'],
        'array' => ['transport' => 'array'],
        'standin' => ['transport' => 'standin'],
    ],
    'from' => ['address' => env('MAIL_FROM', 'bibrel@localhost'), 'name' => 'Bibrel'],
];
