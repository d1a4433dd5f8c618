<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'software',
    label: 'Software, app or video game',
    group: 'Research and public documents',
    searchTerms: 'program,software,code,computer,tool,plugin,script',
    csl: 'software',
    bibtex: 'software',
    ris: 'COMP',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'containers.0.version+',
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Computer software',
    yearOnly: true,
    usualMedium: 'Computer software',
    isProgram: true,
    word: 'program',
    words: 'programs',
);
