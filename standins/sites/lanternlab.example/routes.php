<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

return [
    '/slow' => new Answer(200, 'text/html; charset=utf-8', '<title>Slow lamps</title><h1>Slow lamps</h1>', after: 3.0),
    '/points-to-silence' => new Answer(200, 'text/html; charset=utf-8', '<title>Three silent neighbours</title><link type="application/json+oembed" href="/never?a"><link type="application/rss+xml" href="/never?b"><link type="application/x-research-info-systems" href="/never?c"><h1>Three silent neighbours</h1><p>By Sunniva Teal</p>'),
    // What no reader is made for: bylines without end, and attributes without end on one tag.
    '/hostile' => static fn (): Answer => new Answer(200, 'text/html; charset=utf-8', '<title>Bylines</title><h1>Bylines</h1>'.str_repeat('<p>By Oona Pell and Ines Marrow, 3 May 2023</p>', 100_000)),
    '/attributes' => static fn (): Answer => new Answer(200, 'text/html; charset=utf-8', '<title>Attributes</title><p '.implode(' ', array_map(static fn (int $i): string => "a{$i}=\"{$i}\"", range(1, 200_000))).'>Moths</p>'),
    '/never' => new Answer(200, 'text/html; charset=utf-8', '', after: 30.0),
    '/counts.pdf' => new Answer(200, 'application/pdf', "%PDF-1.4\n%made up\n"),
    '/down' => new Answer(503, 'text/html', '<h1>Service unavailable</h1>'),
    '/huge' => new Answer(200, 'text/html', str_repeat('<p>moth</p>', 600_000)),
    '/busy' => new Answer(429, 'text/html', '<h1>Too many requests</h1>'),
    '/broken-server' => new Answer(500, 'text/html', '<h1>Something went wrong</h1>'),
    '/cut-off' => new Answer(200, 'text/html; charset=utf-8', '<title>Cut off</title><h1>Moths at the pump house</h1><p>By Sunniva Teal</p><p>It was warm, and the', promised: 9000),
    // A small file that unfolds to sixty megabytes, and one that never ends.
    '/bomb' => static fn (): Answer => new Answer(200, 'text/html', (string) gzencode(str_repeat('<p>moth</p>', 6_000_000), 9), encoding: 'gzip'),
    '/endless' => new Answer(200, 'text/html', str_repeat('<p>moth</p>', 10_000), repeated: 100_000),
    '/feed.xml' => new Answer(200, 'application/rss+xml', '<?xml version="1.0"?><!DOCTYPE r [<!ENTITY x SYSTEM "file:///etc/passwd">]><rss><channel><item><link>https://lanternlab.example/fed</link><author>&x;</author></item></channel></rss>'),
    '/fed' => new Answer(200, 'text/html; charset=utf-8', '<title>Fed</title><link rel="alternate" type="application/rss+xml" href="/feed.xml"><h1>Fed</h1><p>Nothing about who wrote it.</p>'),
    '/empty' => new Answer(200, 'text/html', ''),
];
