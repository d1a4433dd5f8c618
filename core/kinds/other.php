<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'other',
    label: 'Something else',
    group: 'Anything else',
    searchTerms: 'other,anything,unknown,general',
    csl: 'document',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        ['containers.0.title', 'Part of'],
        'containers.0.contributors',
        'containers.0.version',
        'containers.0.volume',
        'containers.0.issue',
        'containers.0.number',
        'containers.0.publisher',
        'containers.0.date+',
        'containers.0.pages',
        'containers.0.doi',
        'containers.0.url',
        'medium',
        'genre',
        'accessed',
        'language',
        'annotation',
    ],
    roles: [Role::Author, Role::Editor, Role::Translator, Role::Director, Role::Performer, Role::Artist, Role::Photographer, Role::Creator],
    rank: 99,
    word: 'source of another kind',
    words: 'sources of other kinds',
);
