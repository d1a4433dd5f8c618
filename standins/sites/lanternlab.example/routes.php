<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

return [
    '/slow' => new Answer(200, 'text/html; charset=utf-8', '<title>Slow lamps</title><h1>Slow lamps</h1>', after: 3.0),
    '/never' => new Answer(200, 'text/html; charset=utf-8', '', after: 30.0),
    '/counts.pdf' => new Answer(200, 'application/pdf', "%PDF-1.4\n%made up\n"),
    '/down' => new Answer(503, 'text/html', '<h1>Service unavailable</h1>'),
    '/huge' => new Answer(200, 'text/html', str_repeat('<p>moth</p>', 600_000)),
    '/empty' => new Answer(200, 'text/html', ''),
];
