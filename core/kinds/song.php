<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'song',
    label: 'Song',
    group: 'Sound and moving image',
    searchTerms: 'song,music,track,single,recording,lyrics,anthem,hymn,rap,jingle',
    csl: 'song',
    ris: 'SOUND',
    containment: Containment::PartOf,
    fields: [
        ['contributors!', 'Performer or composer'],
        ['title.main!', 'Title of the song'],
        ['containers.0.title', 'Album'],
        ['containers.0.publisher!', 'Label'],
        'containers.0.date!',
        'containers.0.url',
        'medium',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Song',
    primaryRoles: [[Role::Author, Role::Composer], [Role::Performer]],
    roles: [Role::Performer, Role::Composer, Role::Author, Role::Producer],
    yearOnly: true,
    usualMedium: 'CD',
    isRecording: true,
    word: 'song',
    words: 'songs',
);
