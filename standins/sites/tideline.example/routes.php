<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A video site: one page that says nothing of itself but where its oEmbed answer is, and that answer.
$said = ['9001' => ['Gates of Low Sallow, From Above', 'Coast and Clay'], '9120' => ['How the Sluice Opens', 'Mill School'], '9377' => ['Forty Lamps', 'nightpelican']];
$routes = [
    '/oembed' => static function (array $query) use ($said): Answer {
        $id = preg_match('~/v/(\d+)~', (string) ($query['url'] ?? ''), $m) === 1 ? $m[1] : '';

        return isset($said[$id])
            ? new Answer(200, 'application/json', (string) json_encode(['version' => '1.0', 'type' => 'video', 'title' => $said[$id][0], 'author_name' => $said[$id][1], 'author_url' => 'https://www.tideline.example/c/x', 'provider_name' => 'Tideline', 'provider_url' => 'https://www.tideline.example/', 'width' => 640, 'height' => 360, 'html' => '<iframe></iframe>']))
            : new Answer(404, 'application/json', '{}');
    },
];
foreach ($said as $id => [$title]) {
    $routes["/v/{$id}"] = new Answer(200, 'text/html; charset=utf-8', "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>Tideline</title><link rel=\"alternate\" type=\"application/json+oembed\" href=\"https://www.tideline.example/oembed?url=https%3A%2F%2Fwww.tideline.example%2Fv%2F{$id}&amp;format=json\"></head><body><div id=\"player\"></div><p>You need to allow scripts to watch.</p></body></html>");
}

return $routes;
