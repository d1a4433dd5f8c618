<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'wiki-entry',
    label: 'Wiki entry',
    group: 'Web',
    words: 'wiki,open encyclopedia,encyclopedia',
    csl: 'entry-encyclopedia',
    shape: Shape::Part,
    fields: [
        ['title.main!', 'Title of the entry'],
        ['containers.0.title+', 'Wiki'],
        'containers.0.publisher',
        ['containers.0.date+', 'Last changed'],
        'containers.0.url!',
        'accessed',
        'language',
        'annotation',
    ],
    reaches: [Reach::Web],
    leads: [[Role::Author], [Role::Editor]],
    changes: true,
);
