<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'audiobook',
    label: 'Audiobook',
    group: 'Books',
    words: 'audio book,narrated,listening',
    csl: 'book',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        ...FieldLists::BOOK,
    ],
    reaches: [],
    note: 'Audiobook',
    roles: [Role::Author, Role::Narrator, Role::Translator],
);
