<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

return [
    '/cafe' => new Answer(200, 'text/html', (string) file_get_contents(__DIR__.'/cafe.1252')),
];
