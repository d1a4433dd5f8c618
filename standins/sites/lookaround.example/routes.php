<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A search engine: it finds sources and is none.
return [
    '/search' => new Answer(200, 'text/html; charset=utf-8', '<!doctype html><title>tide mill - Lookaround Search</title><h1>About 41,000 results</h1><p>The Mill That Ran Twice a Day</p>'),
    '/imgres' => new Answer(200, 'text/html; charset=utf-8', '<!doctype html><title>Lookaround Image Search</title><img src="x.jpg">'),
];
