<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\PeriodicalType;

return new Kind(
    id: 'editorial',
    label: 'Editorial',
    group: 'Articles',
    searchTerms: 'editorial,op-ed,opinion,leader,column,leading article',
    csl: 'article-newspaper',
    bibtex: 'article',
    ris: 'NEWS',
    genres: ['editorial'],
    containment: Containment::InPeriodical,
    fields: [
        'contributors',
        ['title.main!', 'Title of the editorial'],
        ['containers.0.title!', 'Newspaper or magazine'],
        '...periodical',
    ],
    bracketDescription: 'Editorial',
    form: 'Editorial',
    periodicalType: PeriodicalType::Either,
    inNewspaper: true,
);
