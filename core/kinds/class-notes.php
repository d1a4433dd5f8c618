<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'class-notes',
    label: 'Class notes or handout',
    group: 'People',
    words: 'notes,handout,class,worksheet,course material',
    csl: 'document',
    shape: Shape::Online,
    fields: [
        ['contributors!', 'Teacher'],
        ['title.main!', 'Title, or a description'],
        ['containers.0.title+', 'Course'],
        ['containers.0.publisher!', 'School'],
        'containers.0.date!',
        'containers.0.place',
        'language',
        'annotation',
    ],
    note: 'Class handout',
    roles: [Role::Author],
);
