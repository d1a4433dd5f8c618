<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

return [
    // Sends on to wherever it is asked to.
    '/onward' => static fn (array $query): Answer => Answer::redirect($query['to'] ?? '/', 302),
    '/mills' => Answer::redirect('/tide-mills'),
    '/old/mills.htm' => Answer::redirect('https://www.northmereheritage.example/mills', 302),
    '/circle' => Answer::redirect('/circle-2', 302),
    '/circle-2' => Answer::redirect('/circle', 302),
    '/inside' => Answer::redirect('http://127.0.0.1/', 302),
];
