<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'app',
    label: 'App for a phone or tablet',
    group: 'Research and public documents',
    searchTerms: 'app,mobile app,phone,tablet,application',
    csl: 'software',
    bibtex: 'software',
    ris: 'COMP',
    genres: ['mobile app', 'app'],
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        ['title.main!', 'Name of the app'],
        'containers.0.version+',
        ['containers.0.publisher+', 'Maker, or the shop you had it from'],
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    bracketDescription: 'Mobile app',
    accessMethods: [],
    yearOnly: true,
    usualMedium: 'Mobile app',
    isProgram: true,
    word: 'app',
    words: 'apps',
);
