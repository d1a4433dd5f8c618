<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'preprint',
    label: 'Preprint',
    group: 'Research and public documents',
    searchTerms: 'preprint,manuscript,working paper,early version,draft of an article',
    csl: 'article',
    containment: Containment::OnSite,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        ['containers.0.title', 'Archive'],
        'containers.0.publisher',
        ['containers.0.number', 'Number in the archive'],
        'containers.0.version',
        'containers.0.date!',
        'containers.0.doi+',
        'containers.0.url',
        'language',
        'annotation',
    ],
    accessMethods: [],
    roles: [Role::Author],
    yearOnly: true,
    genreNamesNumber: true,
    scholarship: Scholarship::Unreviewed,
);
