<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'video-game',
    label: 'Video game',
    group: 'Research and public documents',
    searchTerms: 'game,video game,computer game,app,console game,board game',
    csl: 'software',
    bibtex: 'software',
    ris: 'COMP',
    genres: ['video game'],
    containment: Containment::SelfContained,
    fields: [
        ['contributors', 'Studio or maker'],
        'title.main!',
        'containers.0.version',
        ['containers.0.publisher!', 'Publisher'],
        'containers.0.date!',
        'containers.0.url',
        'medium',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Video game',
    roles: [Role::Author, Role::Creator, Role::Director],
    yearOnly: true,
    usualMedium: 'Video game',
);
