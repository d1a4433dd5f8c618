<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'slides',
    label: 'Slides',
    group: 'Sound and moving image',
    words: 'slides,slideshow,presentation,deck',
    csl: 'speech',
    shape: Shape::Online,
    fields: [
        'contributors!',
        'title.main!',
        ['containers.0.title', 'Site or course'],
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    note: 'Slides',
    roles: [Role::Author],
);
