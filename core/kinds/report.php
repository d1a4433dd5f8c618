<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'report',
    label: 'Report',
    group: 'Research and public documents',
    searchTerms: 'report,white paper,study,lab report,organisation,agency,government,annual report,study report,'
        .'factsheet,fact sheet,policy brief',
    csl: 'report',
    bibtex: 'techreport',
    ris: 'RPRT',
    containment: Containment::SelfContained,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        'containers.0.series',
        ['containers.0.number', 'Report number'],
        'containers.0.edition',
        'containers.0.publisher+',
        'containers.0.date!',
        'containers.0.doi',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    rank: 11,
    numberLabel: 'Report No.',
    genreNamesNumber: true,
    hasImprint: true,
    scholarship: Scholarship::ByPublisher,
);
