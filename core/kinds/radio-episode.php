<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'radio-episode',
    label: 'Radio programme',
    group: 'Sound and moving image',
    words: 'radio,broadcast,programme,show',
    csl: 'broadcast',
    shape: Shape::Part,
    fields: [
        'contributors',
        ['title.main!', 'Title of the episode'],
        ['containers.0.title!', 'Programme'],
        ['containers.0.publisher!', 'Station'],
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'Radio broadcast',
    leads: [[Role::Author]],
    roles: [Role::Host, Role::Author, Role::Producer, Role::Performer],
);
