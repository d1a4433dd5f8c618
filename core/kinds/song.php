<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'song',
    label: 'Song',
    group: 'Sound and moving image',
    words: 'song,music,track,single,recording,lyrics',
    csl: 'song',
    shape: Shape::Part,
    fields: [
        ['contributors!', 'Performer or composer'],
        ['title.main!', 'Title of the song'],
        ['containers.0.title', 'Album'],
        ['containers.0.publisher!', 'Label'],
        'containers.0.date!',
        'containers.0.url',
        'medium',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'Song',
    leads: [[Role::Author, Role::Composer], [Role::Performer]],
    roles: [Role::Performer, Role::Composer, Role::Author, Role::Producer],
);
