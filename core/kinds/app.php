<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'app',
    label: 'App for a phone or tablet',
    group: 'Research and public documents',
    words: 'app,mobile app,phone,tablet,application',
    csl: 'software',
    shape: Shape::Whole,
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
    note: 'Mobile app',
    reaches: [],
);
