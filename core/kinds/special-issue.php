<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'special-issue',
    label: 'Special issue of a journal',
    group: 'Articles',
    words: 'special issue,theme issue,journal issue,whole issue',
    csl: 'periodical',
    shape: Shape::Article,
    fields: [
        ['contributors+', 'Editor of the issue'],
        ['title.main!', 'Title of the issue'],
        'title.subtitle',
        ['containers.0.title!', 'Journal', 'Journal of Coastal History'],
        ...FieldLists::PERIODICAL,
    ],
    note: 'Special issue',
    leads: [[Role::Editor, Role::Author]],
    roles: [Role::Editor],
);
