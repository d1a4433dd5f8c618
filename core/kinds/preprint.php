<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'preprint',
    label: 'Preprint',
    group: 'Research and public documents',
    words: 'preprint,manuscript,working paper,early version',
    csl: 'article',
    shape: Shape::Online,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        ['containers.0.title', 'Archive'],
        'containers.0.publisher',
        ['containers.0.number', 'Number in the archive'],
        'containers.0.version',
        'containers.0.date!',
        'containers.0.doi+',
        'containers.0.url',
        'language',
        'annotation',
    ],
    reaches: [],
    roles: [Role::Author],
);
