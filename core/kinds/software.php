<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'software',
    label: 'Software, app or video game',
    group: 'Research and public documents',
    words: 'program,software,code,computer,tool',
    csl: 'software',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'containers.0.version+',
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'Computer software',
);
