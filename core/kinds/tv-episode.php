<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'tv-episode',
    label: 'Television episode',
    group: 'Sound and moving image',
    words: 'tv,episode,show,series,broadcast,programme',
    csl: 'broadcast',
    shape: Shape::Part,
    fields: [
        'contributors',
        ['title.main!', 'Title of the episode'],
        ['containers.0.title!', 'Series'],
        'containers.0.season',
        'containers.0.episode',
        ['containers.0.publisher!', 'Broadcaster or company'],
        'containers.0.date!',
        ['containers.1.title', 'Streaming service'],
        'containers.1.url',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'TV series episode',
    leads: [[Role::Author]],
    roles: [Role::Director, Role::Writer, Role::Performer, Role::ExecutiveProducer],
);
