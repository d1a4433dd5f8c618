<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'scripture',
    label: 'Scripture or another classic',
    group: 'Books',
    searchTerms: 'bible,holy book,sacred text,scripture,classic,ancient,quran,psalm,epic,ancient text',
    csl: 'book',
    bibtex: 'book',
    ris: 'BOOK',
    containment: Containment::SelfContained,
    fields: [
        'contributors',
        ['title.main!', 'Title of the edition'],
        ['containers.0.version', 'Version or translation'],
        'containers.0.edition',
        'containers.0.publisher!',
        'containers.0.date!',
        'original.date',
        'containers.0.url',
        'language',
        'annotation',
    ],
    roles: [Role::Editor, Role::Translator, Role::Author],
    yearOnly: true,
    hasImprint: true,
    primaryRoles: [[Role::Author]],
    word: 'classic',
    words: 'classics',
);
