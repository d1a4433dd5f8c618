<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\TitleFormat;

return new Kind(
    id: 'statute',
    label: 'Law or statute',
    group: 'Research and public documents',
    searchTerms: 'law,act,statute,bill,legislation,regulation,constitution,treaty,act of parliament,amendment,'
        .'decree,ordinance',
    csl: 'legislation',
    containment: Containment::Law,
    fields: [
        ['contributors', 'Who passed it', 'Northmere Assembly'],
        ['title.main!', 'Name of the law', 'Tide Mills Act of 2009'],
        ['containers.0.number', 'Its number', 'Pub. L. No. 42-7'],
        ['containers.0.title+', 'Where it is printed', 'Northmere Statutes'],
        'containers.0.volume',
        ['containers.0.section', 'Section or page', '1201'],
        ['containers.0.date!', 'Year'],
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    roles: [Role::Author],
    titleFormat: TitleFormat::Plain,
    keepsTitleCase: true,
    word: 'law',
    words: 'laws',
);
