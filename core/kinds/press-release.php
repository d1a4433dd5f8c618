<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'press-release',
    label: 'Press release',
    group: 'Research and public documents',
    searchTerms: 'press release,news release,statement,announcement',
    csl: 'document',
    genres: ['press release'],
    containment: Containment::OnSite,
    fields: [
        'contributors!',
        'title.main!',
        ['containers.0.title', 'Site'],
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    bracketDescription: 'Press release',
    roles: [Role::Author],
    form: 'Press release',
    formPlace: FormPlace::AtEnd,
);
