<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'patent',
    label: 'Patent',
    group: 'Research and public documents',
    searchTerms: 'patent,invention,inventor',
    csl: 'patent',
    containment: Containment::SelfContained,
    fields: [
        ['contributors!', 'Inventor'],
        'title.main!',
        ['containers.0.number!', 'Patent number', 'Northmere Patent No. 4,411'],
        ['containers.0.publisher+', 'Patent office'],
        ['containers.0.date!', 'Day it was granted'],
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    primaryRoles: [[Role::Inventor, Role::Author]],
    roles: [Role::Inventor],
    accessMethods: [AccessMethod::Web, AccessMethod::Print],
    yearOnly: true,
);
