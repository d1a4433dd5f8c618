<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'reference-entry',
    label: 'Entry in a printed reference book',
    group: 'Books',
    searchTerms: 'encyclopedia,dictionary,lexicon,entry,definition,glossary',
    csl: 'entry-encyclopedia',
    bibtex: 'incollection',
    ris: 'ENCYC',
    containment: Containment::PartOf,
    fields: [
        'contributors',
        ['title.main!', 'Word or title of the entry'],
        ['containers.0.title!', 'Reference book'],
        '...part-of-book',
    ],
    yearOnly: true,
    hasImprint: true,
    isReference: true,
    word: 'entry in a reference book',
    words: 'entries in reference books',
    scholarship: Scholarship::ByPublisher,
);
