<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'film',
    label: 'Film',
    group: 'Sound and moving image',
    words: 'movie,cinema,documentary,dvd,stream,scene,commentary',
    csl: 'motion_picture',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'containers.0.version',
        ['containers.0.publisher!', 'Production company'],
        'containers.0.date!',
        ['containers.1.title', 'Streaming service'],
        'containers.1.url',
        'medium',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'Film',
    leads: [[Role::Author]],
    roles: [Role::Director, Role::Writer, Role::Producer, Role::Performer, Role::Composer, Role::Narrator],
    rank: 11,
);
