<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'pamphlet',
    label: 'Brochure, pamphlet or handout',
    group: 'Research and public documents',
    words: 'brochure,pamphlet,leaflet,flyer,handout',
    csl: 'pamphlet',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'containers.0.publisher+',
        'containers.0.date+',
        'containers.0.place',
        'containers.0.url',
        'language',
        'annotation',
    ],
    note: 'Brochure',
);
