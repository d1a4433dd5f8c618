<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'cartoon',
    label: 'Cartoon or comic strip',
    group: 'Pictures',
    words: 'cartoon,comic strip,drawing',
    csl: 'graphic',
    shape: Shape::Part,
    fields: [
        'contributors+',
        ['title.main!', 'Title, or a description'],
        ['containers.0.title!', 'Published in'],
        'containers.0.date!',
        'containers.0.pages',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    note: 'Cartoon',
    leads: [[Role::Artist, Role::Author]],
    roles: [Role::Artist, Role::Author],
);
