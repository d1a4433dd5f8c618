<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'podcast-series',
    label: 'Podcast series',
    group: 'Sound and moving image',
    searchTerms: 'podcast,series,show,audio',
    csl: 'song',
    ris: 'SOUND',
    genres: ['podcast series'],
    containment: Containment::SelfContained,
    fields: [
        'contributors',
        ['title.main!', 'Name of the podcast'],
        ['containers.0.publisher', 'Company or network'],
        ['containers.0.date!', 'Years'],
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Audio podcast',
    primaryRoles: [[Role::Author]],
    roles: [Role::Host, Role::ExecutiveProducer, Role::Producer],
    standIns: [[Role::Host]],
    usualMedium: 'Web',
    word: 'podcast series',
    words: 'podcast series',
);
