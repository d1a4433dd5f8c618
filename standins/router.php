<?php

declare(strict_types=1);

use Bibrel\Standins\World;

require __DIR__.'/autoload.php';

// Served by PHP's own web server on loopback: php -S 127.0.0.1:PORT standins/router.php

// PHP itself would turn the dots in "query.title" into underscores.
$query = [];
foreach (explode('&', $_SERVER['QUERY_STRING'] ?? '') as $pair) {
    [$name, $value] = explode('=', $pair, 2) + [1 => ''];
    $query[urldecode($name)] = urldecode($value);
}

$answer = World::answer((string) preg_replace('/:\d+$/', '', $_SERVER['HTTP_HOST'] ?? ''), (string) parse_url($_SERVER['REQUEST_URI'] ?? '/', PHP_URL_PATH), $query, $_SERVER['HTTP_ACCEPT'] ?? '');
if ($answer->after > 0) {
    usleep((int) ($answer->after * 1_000_000));
}
http_response_code($answer->status);
header('Content-Type: '.$answer->type);
if ($answer->location !== '') {
    header('Location: '.$answer->location, true, $answer->status);
}
if ($answer->encoding !== '') {
    header('Content-Encoding: '.$answer->encoding);
}
if ($answer->promised > 0) {
    header('Content-Length: '.$answer->promised);
}
for ($i = 0; $i < $answer->repeated && connection_aborted() === 0; $i++) {
    echo $answer->body;
    flush();
}
