<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'data-set',
    label: 'Data set',
    group: 'Research and public documents',
    words: 'data,dataset,statistics,numbers,table',
    csl: 'dataset',
    shape: Shape::Whole,
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
    reaches: [],
    note: 'Data set',
);
