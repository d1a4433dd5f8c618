<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'graphic-novel',
    label: 'Graphic novel or comic book',
    group: 'Books',
    words: 'comic,graphic novel,manga,comics',
    csl: 'book',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'title.translated',
        ...FieldLists::BOOK,
    ],
    note: 'Graphic novel',
    roles: [Role::Author, Role::Illustrator, Role::Translator, Role::Editor],
);
