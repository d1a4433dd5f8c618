<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'audiobook',
    label: 'Audiobook',
    group: 'Books',
    searchTerms: 'audio book,narrated,listening',
    csl: 'book',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        ...FieldLists::BOOK,
    ],
    accessMethods: [],
    bracketDescription: 'Audiobook',
    roles: [Role::Author, Role::Narrator, Role::Translator],
);
