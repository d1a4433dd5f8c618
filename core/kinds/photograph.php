<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'photograph',
    label: 'Photograph',
    group: 'Pictures',
    words: 'photo,picture,pic,image,snapshot',
    csl: 'graphic',
    shape: Shape::Whole,
    fields: [
        ['contributors+', 'Photographer'],
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
    note: 'Photograph',
    reaches: [Reach::Web, Reach::InPerson, Reach::Print, Reach::Database],
    leads: [[Role::Photographer, Role::Author, Role::Artist]],
    roles: [Role::Photographer],
    rank: 9,
);
