<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'government-document',
    label: 'Government document',
    group: 'Research and public documents',
    words: 'government,ministry,department,agency,parliament,law,official',
    csl: 'report',
    shape: Shape::Whole,
    fields: [
        ['contributors!', 'Government body'],
        'title.main!',
        'title.subtitle',
        ['containers.0.number', 'Number'],
        'containers.0.series',
        'containers.0.publisher+',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    roles: [Role::Author, Role::Editor],
);
