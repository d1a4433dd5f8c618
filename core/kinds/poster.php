<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'poster',
    label: 'Conference poster or session',
    group: 'Research and public documents',
    searchTerms: 'poster,conference,session,presentation,symposium,panel,panel discussion,workshop poster',
    csl: 'speech',
    ris: 'SLIDE',
    genres: ['poster presentation', 'poster'],
    containment: Containment::OnSite,
    fields: [
        ['contributors!', 'Who presented it'],
        'title.main!',
        'title.subtitle',
        ['containers.0.title!', 'Conference', 'Northmere Ecology Meeting'],
        ['containers.0.date!', 'Day, or its first and last day', '3 May 2019 / 5 May 2019'],
        'containers.0.place+',
        ['genre', 'What it was', 'Conference session'],
        'containers.0.url',
        'language',
        'annotation',
    ],
    bracketDescription: 'Poster presentation',
    primaryRoles: [[Role::Speaker, Role::Author]],
    roles: [Role::Author],
    accessMethods: [],
    keepsContainerCase: true,
    formPlace: FormPlace::AtEnd,
    atEvent: true,
    word: 'conference poster',
    words: 'conference posters',
);
