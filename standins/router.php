<?php

declare(strict_types=1);

use Bibrel\Standins\World;

require __DIR__.'/Answer.php';
require __DIR__.'/World.php';

// Served by PHP's own web server on loopback: php -S 127.0.0.1:PORT standins/router.php

$answer = World::answer((string) preg_replace('/:\d+$/', '', $_SERVER['HTTP_HOST'] ?? ''), (string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH));
if ($answer->after > 0) {
    usleep((int) ($answer->after * 1_000_000));
}
http_response_code($answer->status);
header('Content-Type: '.$answer->type);
if ($answer->location !== '') {
    header('Location: '.$answer->location, true, $answer->status);
}
echo $answer->body;
