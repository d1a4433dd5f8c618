<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'artwork',
    label: 'Painting, sculpture or other artwork',
    group: 'Pictures',
    searchTerms: 'watercolor,pottery,gravestone,painting,sculpture,drawing,art,print,museum,statue,stamp,coin,tapestry,mural,installation,'
        .'ceramic,vase,monument,relief,fresco',
    csl: 'graphic',
    ris: 'ART',
    containment: Containment::SelfContained,
    fields: [
        ['contributors+', 'Artist'],
        ['title.main!', 'Title, or a description'],
        'containers.0.publisher',
        ['containers.0.date+', 'Made'],
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
    accessMethods: [AccessMethod::InPerson, AccessMethod::Web, AccessMethod::Print, AccessMethod::Database],
    primaryRoles: [[Role::Artist, Role::Author, Role::Photographer]],
    roles: [Role::Artist],
    yearOnly: true,
    datedByMaking: true,
    describable: true,
    isImage: true,
    word: 'artwork',
    words: 'artworks',
);
