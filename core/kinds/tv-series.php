<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'tv-series',
    label: 'Television series',
    group: 'Sound and moving image',
    words: 'tv,show,series,season',
    csl: 'broadcast',
    shape: Shape::Whole,
    fields: [
        'contributors',
        ['title.main!', 'Title of the series'],
        ['containers.0.publisher!', 'Broadcaster or company'],
        'containers.0.date!',
        ['containers.1.title', 'Streaming service'],
        'containers.1.url',
        'language',
        'annotation',
    ],
    reaches: [],
    note: 'TV series',
    leads: [[Role::Author]],
    roles: [Role::ExecutiveProducer, Role::Creator, Role::Director],
);
