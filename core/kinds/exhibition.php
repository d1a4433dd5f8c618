<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'exhibition',
    label: 'Exhibition',
    group: 'Sound and moving image',
    searchTerms: 'exhibition,exhibit,museum,show,display,gallery,museum label,display text',
    csl: 'event',
    genres: ['exhibition'],
    containment: Containment::SelfContained,
    fields: [
        'contributors',
        ['title.main!', 'Title of the exhibition'],
        ['containers.0.date!', 'Day you saw it, or its first and last day', '3 May 2019 / 4 September 2019'],
        ['containers.0.collection!', 'Museum or gallery, with its city'],
        'containers.0.url',
        'language',
        'annotation',
    ],
    bracketDescription: 'Exhibition',
    primaryRoles: [[Role::Author]],
    roles: [Role::Curator, Role::Artist, Role::Author],
    accessMethods: [],
    yearOnly: true,
    usualMedium: 'Exhibition',
    isEvent: true,
);
