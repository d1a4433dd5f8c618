<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'radio-episode',
    label: 'Radio programme',
    group: 'Sound and moving image',
    searchTerms: 'radio,broadcast,programme,show,radio play,bulletin',
    csl: 'broadcast',
    ris: 'VIDEO',
    genres: ['radio', 'radio broadcast'],
    containment: Containment::PartOf,
    fields: [
        'contributors',
        ['title.main!', 'Title of the episode'],
        ['containers.0.title!', 'Programme'],
        ['containers.0.publisher!', 'Station'],
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    accessMethods: [],
    bracketDescription: 'Radio broadcast',
    primaryRoles: [[Role::Author]],
    roles: [Role::Host, Role::Author, Role::Producer, Role::Performer],
    standIns: [[Role::Host]],
    usualMedium: 'Radio',
);
