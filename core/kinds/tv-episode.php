<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'tv-episode',
    label: 'Television episode',
    group: 'Sound and moving image',
    searchTerms: 'tv,episode,show,series,broadcast,programme,tv news,newscast,documentary series,cartoon series,'
        .'talk show,quiz show,sitcom,soap',
    csl: 'broadcast',
    ris: 'VIDEO',
    genres: ['television', 'tv', 'tv series episode'],
    containment: Containment::PartOf,
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
    accessMethods: [],
    bracketDescription: 'TV series episode',
    primaryRoles: [[Role::Author]],
    roles: [Role::Director, Role::Writer, Role::Performer, Role::ExecutiveProducer],
    standIns: [[Role::Writer, Role::Director]],
    usualMedium: 'Television',
    leavesOutPlatform: true,
    numberLabel: 'Episode',
);
