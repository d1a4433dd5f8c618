<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'book',
    label: 'Book',
    group: 'Books',
    words: 'novel,textbook,paperback,hardcover,print book,monograph,translation,translated book,volume,multivolume,reprint,republished,anonymous,foreign language,biography,memoir,poetry book',
    csl: 'book',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'title.translated',
        ...FieldLists::BOOK,
    ],
    roles: [Role::Author, Role::Editor, Role::Translator, Role::Illustrator, Role::Introduction, Role::Foreword, Role::Compiler],
    rank: 3,
);
