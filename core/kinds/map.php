<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'map',
    label: 'Map',
    group: 'Pictures',
    words: 'map,atlas,chart,plan',
    csl: 'map',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'containers.0.publisher',
        'containers.0.date+',
        'containers.0.collection',
        ['containers.0.title', 'Website or book it is in'],
        'containers.0.pages',
        'containers.0.url',
        'containers.1.title',
        'containers.1.url',
        'medium',
        'accessed',
        'language',
        'annotation',
    ],
    note: 'Map',
    reaches: [Reach::Web, Reach::InPerson, Reach::Print, Reach::Database],
);
