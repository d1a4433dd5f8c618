<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'live-performance',
    label: 'Live performance or concert',
    group: 'Sound and moving image',
    searchTerms: 'play,theatre,concert,opera,dance,show,musical,performance,recital,symphony,ballet,circus,'
        .'stand-up,gig',
    csl: 'performance',
    containment: Containment::SelfContained,
    fields: [
        'contributors',
        'title.main!',
        ['containers.0.publisher', 'Company or ensemble'],
        'containers.0.date!',
        ['containers.0.collection!', 'Hall, theatre or museum, with its city'],
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Live performance',
    primaryRoles: [[Role::Author]],
    roles: [Role::Director, Role::Conductor, Role::Composer, Role::Performer, Role::Author, Role::Curator],
    usualMedium: 'Performance',
    isEvent: true,
    word: 'performance',
    words: 'performances',
);
