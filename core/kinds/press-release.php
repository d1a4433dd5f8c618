<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'press-release',
    label: 'Press release',
    group: 'Research and public documents',
    words: 'press release,news release,statement',
    csl: 'document',
    shape: Shape::Online,
    fields: [
        'contributors!',
        'title.main!',
        ['containers.0.title', 'Site'],
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    note: 'Press release',
    roles: [Role::Author],
);
