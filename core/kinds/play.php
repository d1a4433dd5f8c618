<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'play',
    label: 'Play',
    group: 'Books',
    searchTerms: 'play,drama,script,theatre text,screenplay,monologue',
    csl: 'book',
    bibtex: 'book',
    ris: 'BOOK',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'title.translated',
        '...book',
    ],
    roles: [Role::Author, Role::Editor, Role::Translator],
    yearOnly: true,
    hasImprint: true,
    word: 'play',
    words: 'plays',
);
