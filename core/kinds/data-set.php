<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'data-set',
    label: 'Data set',
    group: 'Research and public documents',
    searchTerms: 'data,dataset,statistics,numbers,table,spreadsheet,census,own survey,poll results,chart data,'
        .'figures,measurements',
    csl: 'dataset',
    bibtex: 'dataset',
    ris: 'DATA',
    genres: ['data set', 'dataset'],
    containment: Containment::SelfContained,
    fields: [
        'contributors!',
        'title.main!',
        'containers.0.version',
        'containers.0.publisher!',
        'containers.0.date!',
        'containers.0.doi',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Data set',
    yearOnly: true,
    formerBracketDescription: 'Data file',
    word: 'data set',
    words: 'data sets',
);
