<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFit;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'wiki-entry',
    label: 'Wiki entry',
    group: 'Web',
    searchTerms: 'wiki,open encyclopedia,encyclopedia,article on a wiki',
    csl: 'entry-encyclopedia',
    bibtex: 'incollection',
    ris: 'ENCYC',
    containment: Containment::PartOf,
    fields: [
        ['title.main!', 'Title of the entry'],
        ['containers.0.title+', 'Wiki'],
        'containers.0.publisher',
        ['containers.0.date+', 'Last changed'],
        'containers.0.url!',
        'accessed',
        'language',
        'annotation',
    ],
    accessMethods: [AccessMethod::Web],
    primaryRoles: [[Role::Author], [Role::Editor]],
    changes: true,
    fits: [
        new KindFit(
            insteadOf: ['web-page', 'online-article', 'website'],
            sentence: 'The address looks like an entry in a wiki.',
            label: 'Make it a wiki entry',
            address: '~^https?://[^/]+/(?:wiki)/~i',
        ),
    ],
    hasImprint: true,
    isReference: true,
    word: 'wiki entry',
    words: 'wiki entries',
);
