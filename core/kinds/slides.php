<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'slides',
    label: 'Slides',
    group: 'Sound and moving image',
    searchTerms: 'slides,slideshow,presentation,deck,presentation slides',
    csl: 'speech',
    ris: 'SLIDE',
    genres: ['slides'],
    containment: Containment::OnSite,
    fields: [
        'contributors!',
        'title.main!',
        ['containers.0.title', 'Site or course'],
        'containers.0.publisher',
        'containers.0.date!',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    bracketDescription: 'Slides',
    roles: [Role::Author],
    formPlace: FormPlace::AtEnd,
    usualMedium: 'Slides',
    word: 'set of slides',
    words: 'sets of slides',
);
