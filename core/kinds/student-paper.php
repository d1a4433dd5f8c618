<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\TitleFormat;

return new Kind(
    id: 'student-paper',
    label: 'Student paper',
    group: 'People',
    searchTerms: 'student,essay,term paper,course paper,coursework,assignment,classmate,own work,unpublished,'
        .'classmate’s essay',
    csl: 'manuscript',
    bibtex: 'unpublished',
    ris: 'UNPB',
    genres: ['student paper'],
    containment: Containment::SelfContained,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        ['genre', 'What it is', 'course paper'],
        ['containers.0.publisher!', 'School'],
        ['containers.0.date!', 'Date it was handed in'],
        'containers.0.url',
        'language',
        'annotation',
    ],
    roles: [Role::Author],
    titleFormat: TitleFormat::Quoted,
    bracketDescription: 'Student paper',
    form: 'student paper',
    yearOnly: true,
    handedIn: true,
);
