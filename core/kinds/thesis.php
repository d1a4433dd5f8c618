<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Scholarship;
use Bibrel\Core\Source\TitleFormat;

return new Kind(
    id: 'thesis',
    label: 'Thesis or dissertation',
    group: 'Research and public documents',
    searchTerms: 'thesis,dissertation,phd,masters,doctoral,honors thesis,honours thesis',
    csl: 'thesis',
    bibtex: 'phdthesis',
    ris: 'THES',
    containment: Containment::SelfContained,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        ['genre!', 'Kind of thesis', 'PhD dissertation'],
        ['containers.0.publisher!', 'University'],
        'containers.0.date!',
        ['containers.0.number', 'Publication number'],
        ['containers.1.title', 'Database or archive'],
        'containers.1.url',
        'containers.0.url',
        'language',
        'annotation',
    ],
    bracketDescription: 'Thesis',
    formerTitleFormat: TitleFormat::Quoted,
    yearOnly: true,
    numberLabel: 'Publication No.',
    handedIn: true,
    word: 'thesis',
    words: 'theses',
    scholarship: Scholarship::Examined,
);
