<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'illustration',
    label: 'Illustration, chart or infographic',
    group: 'Pictures',
    words: 'picture,image,pic,infographic,chart,graph,diagram,figure,screenshot',
    csl: 'figure',
    shape: Shape::Whole,
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
    note: 'Infographic',
    reaches: [Reach::Web, Reach::InPerson, Reach::Print, Reach::Database],
    leads: [[Role::Author, Role::Artist]],
    roles: [Role::Author, Role::Artist],
    rank: 14,
);
