<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'report',
    label: 'Report',
    group: 'Research and public documents',
    words: 'report,white paper,study,lab report,organisation,agency,government',
    csl: 'report',
    shape: Shape::Whole,
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
    rank: 10,
);
