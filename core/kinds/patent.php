<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'patent',
    label: 'Patent',
    group: 'Research and public documents',
    words: 'patent,invention,inventor',
    csl: 'patent',
    shape: Shape::Whole,
    fields: [
        ['contributors!', 'Inventor'],
        'title.main!',
        ['containers.0.number!', 'Patent number', 'Northmere Patent No. 4,411'],
        ['containers.0.publisher+', 'Patent office'],
        ['containers.0.date!', 'Day it was granted'],
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    leads: [[Role::Inventor, Role::Author]],
    roles: [Role::Inventor],
    reaches: [Reach::Web, Reach::Print],
);
