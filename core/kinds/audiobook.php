<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'audiobook',
    label: 'Audiobook',
    group: 'Books',
    searchTerms: 'audio book,narrated,listening,talking book',
    csl: 'book',
    bibtex: 'book',
    ris: 'BOOK',
    genres: ['audiobook', 'audio book'],
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        '...book',
    ],
    accessMethods: [],
    bracketDescription: 'Audiobook',
    roles: [Role::Author, Role::Narrator, Role::Translator],
    yearOnly: true,
    usualMedium: 'Audiobook',
    deviceEdition: 'audiobook ed.',
    hasImprint: true,
    hasParts: true,
    word: 'audiobook',
    words: 'audiobooks',
    scholarship: Scholarship::ByPublisher,
);
