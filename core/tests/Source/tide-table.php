<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'tide-table',
    label: 'Tide table',
    group: 'Research and public documents',
    searchTerms: 'tides,almanac,high water,low water',
    containment: Containment::SelfContained,
    fields: [
        ['contributors+', 'Who reckoned it', 'Northmere Survey'],
        'title.main!',
        ['containers.0.publisher!', 'Harbour or publisher', 'Quay Almanacs'],
        'containers.0.date!',
        'containers.0.url',
        'language',
        'annotation',
    ],
    csl: 'report',
    bracketDescription: 'Tide table',
    form: 'Tide table',
    formPlace: FormPlace::AtEnd,
    yearOnly: true,
);
