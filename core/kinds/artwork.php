<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'artwork',
    label: 'Painting, sculpture or other artwork',
    group: 'Pictures',
    words: 'painting,sculpture,drawing,art,print,museum,statue',
    csl: 'graphic',
    shape: Shape::Whole,
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
    reaches: [Reach::InPerson, Reach::Web, Reach::Print, Reach::Database],
    leads: [[Role::Artist, Role::Author, Role::Photographer]],
    roles: [Role::Artist],
);
