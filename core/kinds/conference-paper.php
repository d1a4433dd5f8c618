<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'conference-paper',
    label: 'Conference paper in proceedings',
    group: 'Research and public documents',
    searchTerms: 'conference,proceedings,paper,conference talk',
    csl: 'paper-conference',
    bibtex: 'inproceedings',
    ris: 'CPAPER',
    containment: Containment::PartOf,
    fields: [
        'contributors!',
        ['title.main!', 'Title of the paper'],
        'title.subtitle',
        ['containers.0.title+', 'Proceedings'],
        'containers.0.contributors',
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.pages',
        'containers.0.doi',
        'containers.0.url',
        'language',
        'annotation',
    ],
    keepsContainerCase: true,
    hasImprint: true,
    word: 'conference paper',
    words: 'conference papers',
    scholarship: Scholarship::ReviewedVenue,
);
