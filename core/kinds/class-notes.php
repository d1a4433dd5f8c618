<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'class-notes',
    label: 'Class notes or handout',
    group: 'People',
    searchTerms: 'notes,handout,class,worksheet,course material,lecture notes,syllabus,slides from class,'
        .'reading list,study guide,exam',
    csl: 'document',
    containment: Containment::OnSite,
    fields: [
        ['contributors!', 'Teacher'],
        ['title.main!', 'Title, or a description'],
        ['containers.0.title+', 'Course'],
        ['containers.0.publisher!', 'School'],
        'containers.0.date!',
        'containers.0.place',
        'language',
        'annotation',
    ],
    bracketDescription: 'Class handout',
    roles: [Role::Author],
    describable: true,
    keepsContainerCase: true,
    form: 'Class handout',
    formPlace: FormPlace::AtEnd,
    atEvent: true,
    word: 'class handout',
    words: 'class handouts',
);
