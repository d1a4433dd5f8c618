<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'graphic-novel',
    label: 'Graphic novel or comic book',
    group: 'Books',
    searchTerms: 'comic,graphic novel,manga,comics',
    csl: 'book',
    bibtex: 'book',
    ris: 'BOOK',
    genres: ['graphic novel'],
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'title.translated',
        '...book',
    ],
    bracketDescription: 'Graphic novel',
    roles: [Role::Author, Role::Illustrator, Role::Translator, Role::Editor],
    yearOnly: true,
    hasImprint: true,
    word: 'graphic novel',
    words: 'graphic novels',
);
