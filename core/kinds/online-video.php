<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'online-video',
    label: 'Online video',
    group: 'Sound and moving image',
    searchTerms: 'video,clip,vlog,channel,stream',
    csl: 'motion_picture',
    bibtex: 'video',
    ris: 'VIDEO',
    genres: ['video', 'online video'],
    containment: Containment::OnSite,
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
    bracketDescription: 'Video',
    primaryRoles: [[Role::Author, Role::Creator]],
    roles: [Role::Uploader, Role::Author, Role::Director],
    rank: 8,
    hint: 'a channel put it up',
    standIns: [[Role::Uploader]],
    formerBracketDescription: 'Video file',
);
