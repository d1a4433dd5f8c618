<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'online-reference',
    label: 'Entry in an online encyclopedia or dictionary',
    group: 'Web',
    searchTerms: 'encyclopedia,dictionary,definition,lexicon,thesaurus,reference,online dictionary,glossary',
    csl: 'entry-encyclopedia',
    bibtex: 'incollection',
    ris: 'ENCYC',
    containment: Containment::PartOf,
    fields: [
        'contributors',
        ['title.main!', 'Word or title of the entry'],
        ['containers.0.title!', 'Encyclopedia or dictionary'],
        'containers.0.contributors',
        'containers.0.edition',
        '...web',
    ],
    accessMethods: [AccessMethod::Web, AccessMethod::Database],
    hasImprint: true,
    isReference: true,
    word: 'entry in an online reference work',
    words: 'entries in online reference works',
);
