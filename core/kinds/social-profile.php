<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'social-profile',
    label: 'Social media profile',
    group: 'Web',
    words: 'profile,account,page of a person,channel,bio',
    csl: 'post',
    shape: Shape::Online,
    fields: [
        'contributors!',
        ['title.main!', 'Name of the profile or page'],
        ['containers.0.title!', 'Site or app'],
        'containers.0.url!',
        'accessed+',
        'language',
        'annotation',
    ],
    note: 'Social media profile',
    changes: true,
);
