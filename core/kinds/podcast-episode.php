<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'podcast-episode',
    label: 'Podcast episode',
    group: 'Sound and moving image',
    searchTerms: 'podcast,episode,audio,interview show,radio,audio story',
    csl: 'song',
    ris: 'SOUND',
    genres: ['podcast', 'audio podcast', 'podcast episode', 'audio podcast episode'],
    containment: Containment::PartOf,
    fields: [
        'contributors',
        ['title.main!', 'Title of the episode'],
        ['containers.0.title!', 'Podcast'],
        'containers.0.season',
        'containers.0.episode',
        ['containers.0.publisher', 'Company or network'],
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Audio podcast episode',
    primaryRoles: [[Role::Author]],
    roles: [Role::Host, Role::Author, Role::Producer, Role::Narrator],
    standIns: [[Role::Host]],
    usualMedium: 'Web',
);
