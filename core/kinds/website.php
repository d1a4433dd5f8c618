<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'website',
    label: 'Whole website',
    group: 'Web',
    searchTerms: 'website,homepage,home page,entire site,project site,whole site,portal',
    csl: 'webpage',
    bibtex: 'online',
    ris: 'ELEC',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        ['title.main!', 'Name of the website', 'Slack Water Review'],
        '...web',
    ],
    word: 'whole website',
    words: 'whole websites',
);
