<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'album',
    label: 'Album',
    group: 'Sound and moving image',
    searchTerms: 'album,record,music,cd,mixtape,soundtrack,record album',
    csl: 'song',
    ris: 'SOUND',
    genres: ['album', 'music album'],
    containment: Containment::SelfContained,
    fields: [
        ['contributors!', 'Performer or composer'],
        'title.main!',
        ['containers.0.publisher!', 'Label'],
        'containers.0.date!',
        'containers.0.url',
        'medium',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Album',
    primaryRoles: [[Role::Author, Role::Composer], [Role::Performer]],
    roles: [Role::Performer, Role::Composer, Role::Author, Role::Producer],
    yearOnly: true,
    usualMedium: 'CD',
    isRecording: true,
);
