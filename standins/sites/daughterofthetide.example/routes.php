<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// One person's site: the name stands at the top of every page and in the copyright line, never in a byline.
$page = static fn (string $title, string $body, string $head = ''): Answer => new Answer(200, 'text/html; charset=utf-8', "<!doctype html><html lang=en><head><meta charset=utf-8><title>{$title}</title>{$head}</head><body><header><a href=/>Daughter of the Tide</a> <small>the website of Edda Zell</small></header><main><h1>{$title}</h1>{$body}</main><footer>© 2019–2026 Edda Zell</footer></body></html>");

return [
    '/films/the-long-tide' => $page('Making “The Long Tide”', '<p>We filmed for eleven nights and used nine minutes.</p><p>— Edda Zell, June 2019</p>'),
    '/notes/on-waiting' => $page('On waiting', '<p class=date>14 February 2021</p><p>The sea is late, and the light is going.</p>', '<meta name=author content="Edda Zell">'),
    '/contact' => $page('Contact', '<p>Write to me at the mill.</p>'),
];
