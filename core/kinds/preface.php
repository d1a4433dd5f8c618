<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'preface',
    label: 'Introduction, preface, foreword or afterword',
    group: 'Books',
    searchTerms: 'introduction,preface,foreword,afterword,prologue,epilogue',
    csl: 'chapter',
    bibtex: 'incollection',
    ris: 'CHAP',
    containment: Containment::PartOf,
    fields: [
        'contributors!',
        ['title.main!', 'What it is called', 'Introduction'],
        ['containers.0.title!', 'Title of the book'],
        'containers.0.contributors+',
        'containers.0.edition',
        'containers.0.publisher!',
        'containers.0.date!',
        'containers.0.pages+',
        'containers.0.place',
        'containers.0.url',
        'isbn',
        'language',
        'annotation',
    ],
    roles: [Role::Author],
    yearOnly: true,
    hasImprint: true,
    word: 'preface or afterword',
    words: 'prefaces or afterwords',
    scholarship: Scholarship::ByPublisher,
);
