<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'tv-series',
    label: 'Television series',
    group: 'Sound and moving image',
    searchTerms: 'tv,show,series,season',
    csl: 'broadcast',
    ris: 'VIDEO',
    genres: ['television series', 'television', 'tv', 'tv series'],
    containment: Containment::SelfContained,
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
    accessMethods: [],
    bracketDescription: 'TV series',
    primaryRoles: [[Role::Author]],
    roles: [Role::ExecutiveProducer, Role::Creator, Role::Director],
    standIns: [[Role::ExecutiveProducer, Role::Creator]],
    yearOnly: true,
    usualMedium: 'Television',
    leavesOutPlatform: true,
    word: 'television series',
    words: 'television series',
);
