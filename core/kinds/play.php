<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'play',
    label: 'Play',
    group: 'Books',
    words: 'play,drama,script,theatre text',
    csl: 'book',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'title.translated',
        ...FieldLists::BOOK,
    ],
    roles: [Role::Author, Role::Editor, Role::Translator],
);
