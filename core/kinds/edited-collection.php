<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'edited-collection',
    label: 'Edited collection',
    group: 'Books',
    words: 'anthology,collection,editor,reader',
    csl: 'book',
    shape: Shape::Whole,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        ...FieldLists::BOOK,
    ],
    leads: [[Role::Editor], [Role::Compiler], [Role::Author]],
    roles: [Role::Editor, Role::Compiler, Role::Translator],
);
