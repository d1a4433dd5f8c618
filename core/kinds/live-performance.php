<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'live-performance',
    label: 'Live performance or concert',
    group: 'Sound and moving image',
    words: 'play,theatre,concert,opera,dance,show,musical,performance,recital',
    csl: 'performance',
    shape: Shape::Whole,
    fields: [
        'contributors',
        'title.main!',
        ['containers.0.publisher', 'Company or ensemble'],
        'containers.0.date!',
        ['containers.0.collection!', 'Hall, theatre or museum, with its city'],
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'Live performance',
    leads: [[Role::Author]],
    roles: [Role::Director, Role::Conductor, Role::Composer, Role::Performer, Role::Author, Role::Curator],
);
