<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'map',
    label: 'Map',
    group: 'Pictures',
    searchTerms: 'map,atlas,chart,plan,globe,satellite image',
    csl: 'map',
    ris: 'MAP',
    genres: ['map'],
    containment: Containment::SelfContained,
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
    bracketDescription: 'Map',
    accessMethods: [AccessMethod::Web, AccessMethod::InPerson, AccessMethod::Print, AccessMethod::Database],
    yearOnly: true,
    isImage: true,
);
