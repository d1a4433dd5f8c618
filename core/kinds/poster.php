<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'poster',
    label: 'Conference poster or session',
    group: 'Research and public documents',
    words: 'poster,conference,session,presentation,symposium,panel',
    csl: 'speech',
    shape: Shape::Online,
    fields: [
        ['contributors!', 'Who presented it'],
        'title.main!',
        'title.subtitle',
        ['containers.0.title!', 'Conference', 'Northmere Ecology Meeting'],
        ['containers.0.date!', 'Day, or its first and last day', '3 May 2019 / 5 May 2019'],
        'containers.0.place+',
        ['genre', 'What it was', 'Conference session'],
        'containers.0.url',
        'language',
        'annotation',
    ],
    note: 'Poster presentation',
    leads: [[Role::Speaker, Role::Author]],
    roles: [Role::Author],
    reaches: [],
);
