<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'online-video',
    label: 'Online video',
    group: 'Sound and moving image',
    words: 'video,clip,vlog,channel,stream',
    csl: 'motion_picture',
    shape: Shape::Online,
    fields: [
        'contributors',
        ['title.main!', 'Title of the video'],
        ['containers.0.title!', 'Site', 'Tideline'],
        ['containers.0.date!', 'Posted'],
        'containers.0.url!',
        'accessed',
        'language',
        'annotation',
    ],
    note: 'Video',
    leads: [[Role::Author, Role::Creator]],
    roles: [Role::Uploader, Role::Author, Role::Director],
    rank: 7,
);
