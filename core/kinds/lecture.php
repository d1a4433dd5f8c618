<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'lecture',
    label: 'Lecture, speech or talk',
    group: 'Sound and moving image',
    searchTerms: 'lecture,speech,talk,class,presentation,keynote,sermon,address,commencement,ceremony,workshop,'
        .'webinar,debate,assembly',
    csl: 'speech',
    ris: 'SLIDE',
    containment: Containment::OnSite,
    fields: [
        ['contributors!', 'Speaker'],
        'title.main!',
        ['containers.0.title', 'Event or course'],
        ['containers.0.publisher', 'Held by'],
        'containers.0.date!',
        ['containers.0.place', 'Place'],
        'containers.0.url',
        'genre',
        'language',
        'annotation',
    ],
    bracketDescription: 'Lecture',
    primaryRoles: [[Role::Speaker, Role::Author]],
    roles: [Role::Speaker],
    keepsContainerCase: true,
    formPlace: FormPlace::AtEnd,
    usualMedium: 'Lecture',
    atEvent: true,
    word: 'lecture',
    words: 'lectures',
);
