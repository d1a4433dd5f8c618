<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'film',
    label: 'Film',
    group: 'Sound and moving image',
    searchTerms: 'movie,cinema,documentary,dvd,stream,scene,commentary,short film,animated film,feature film,'
        .'blockbuster',
    csl: 'motion_picture',
    bibtex: 'video',
    ris: 'VIDEO',
    genres: ['film', 'motion picture', 'movie'],
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'containers.0.version',
        ['containers.0.publisher!', 'Production company'],
        'containers.0.date!',
        ['containers.1.title', 'Streaming service'],
        'containers.1.url',
        'medium',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Film',
    primaryRoles: [[Role::Author]],
    roles: [Role::Director, Role::Writer, Role::Producer, Role::Performer, Role::Composer, Role::Narrator],
    rank: 10,
    hint: 'in the cinema, on a disc or streamed',
    standIns: [[Role::Director]],
    formerBracketDescription: 'Motion picture',
    yearOnly: true,
    usualMedium: 'Film',
    leavesOutPlatform: true,
);
