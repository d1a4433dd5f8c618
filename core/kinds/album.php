<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'album',
    label: 'Album',
    group: 'Sound and moving image',
    words: 'album,record,music,cd',
    csl: 'song',
    shape: Shape::Whole,
    fields: [
        ['contributors!', 'Performer or composer'],
        'title.main!',
        ['containers.0.publisher!', 'Label'],
        'containers.0.date!',
        'containers.0.url',
        'medium',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'Album',
    leads: [[Role::Author, Role::Composer], [Role::Performer]],
    roles: [Role::Performer, Role::Composer, Role::Author, Role::Producer],
);
