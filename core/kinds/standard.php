<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'standard',
    label: 'Standard',
    group: 'Research and public documents',
    searchTerms: 'standard,norm,specification,guideline',
    csl: 'standard',
    containment: Containment::SelfContained,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        ['containers.0.number!', 'Number of the standard'],
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.url',
        'language',
        'annotation',
    ],
    roles: [Role::Author],
    yearOnly: true,
    numberLabel: 'Standard No.',
    hasImprint: true,
);
