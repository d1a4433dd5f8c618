<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'edited-collection',
    label: 'Edited collection',
    group: 'Books',
    searchTerms: 'anthology,collection,editor,reader',
    csl: 'book',
    bibtex: 'book',
    ris: 'BOOK',
    containment: Containment::SelfContained,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        '...book',
    ],
    primaryRoles: [[Role::Editor], [Role::Compiler], [Role::Author]],
    roles: [Role::Editor, Role::Compiler, Role::Translator],
    yearOnly: true,
    hasImprint: true,
    hasParts: true,
    word: 'edited collection',
    words: 'edited collections',
    scholarship: Scholarship::ByPublisher,
);
