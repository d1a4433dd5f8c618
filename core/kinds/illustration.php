<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'illustration',
    label: 'Illustration, chart or infographic',
    group: 'Pictures',
    searchTerms: 'picture,image,pic,infographic,chart,graph,diagram,figure,meme,engraving,sketch,icon,logo,gif',
    csl: 'figure',
    ris: 'FIGURE',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        ['title.main!', 'Title, or a description'],
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
    bracketDescription: 'Infographic',
    accessMethods: [AccessMethod::Web, AccessMethod::InPerson, AccessMethod::Print, AccessMethod::Database],
    primaryRoles: [[Role::Author, Role::Artist]],
    roles: [Role::Author, Role::Artist],
    rank: 14,
    yearOnly: true,
    describable: true,
    isImage: true,
    word: 'illustration',
    words: 'illustrations',
);
