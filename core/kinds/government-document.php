<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'government-document',
    label: 'Government document',
    group: 'Research and public documents',
    searchTerms: 'government,ministry,department,agency,parliament,law,official,white paper,census report,hearing',
    csl: 'report',
    bibtex: 'techreport',
    ris: 'RPRT',
    containment: Containment::SelfContained,
    fields: [
        ['contributors!', 'Government body'],
        'title.main!',
        'title.subtitle',
        ['containers.0.number', 'Number'],
        'containers.0.series',
        'containers.0.publisher+',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    roles: [Role::Author, Role::Editor],
    genreNamesNumber: true,
    hasImprint: true,
);
