<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'book',
    label: 'Book',
    group: 'Books',
    searchTerms: 'novel,textbook,paperback,hardcover,print book,monograph,translation,translated book,volume,'
        .'multivolume,reprint,republished,anonymous,foreign language,biography,memoir,poetry book,'
        .'cookbook,autobiography,guidebook,hardback,storybook,coffee-table book,self-help book',
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
    roles: [Role::Author, Role::Editor, Role::Translator, Role::Illustrator, Role::Introduction, Role::Foreword, Role::Compiler],
    rank: 3,
    hint: 'the whole of it, by the same people',
    yearOnly: true,
    hasImprint: true,
    hasParts: true,
    scholarship: Scholarship::ByPublisher,
);
