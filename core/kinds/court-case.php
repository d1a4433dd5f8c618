<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\TitleFormat;

return new Kind(
    id: 'court-case',
    label: 'Court case',
    group: 'Research and public documents',
    searchTerms: 'court,case,lawsuit,trial,judgment,verdict,law,ruling,decision,appeal,supreme court',
    csl: 'legal_case',
    containment: Containment::Law,
    fields: [
        ['contributors!', 'Court', 'Northmere Supreme Court'],
        ['title.main!', 'Name of the case', 'Brook v. Harbour Board'],
        ['containers.0.title', 'Law report or website', 'Northmere Reports'],
        'containers.0.volume',
        ['containers.0.date!', 'Day or year of the decision'],
        ['containers.0.pages', 'First page'],
        ['containers.0.number', 'Docket number'],
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    roles: [Role::Author],
    titleFormat: TitleFormat::Italic,
    formerTitleFormat: TitleFormat::Plain,
    keepsTitleCase: true,
    word: 'court case',
    words: 'court cases',
);
