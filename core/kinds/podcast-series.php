<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'podcast-series',
    label: 'Podcast series',
    group: 'Sound and moving image',
    words: 'podcast,series,show,audio',
    csl: 'song',
    shape: Shape::Whole,
    fields: [
        'contributors',
        ['title.main!', 'Name of the podcast'],
        ['containers.0.publisher', 'Company or network'],
        ['containers.0.date!', 'Years'],
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'Audio podcast',
    leads: [[Role::Author]],
    roles: [Role::Host, Role::ExecutiveProducer, Role::Producer],
);
