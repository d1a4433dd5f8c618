<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'editorial',
    label: 'Editorial',
    group: 'Articles',
    searchTerms: 'editorial,opinion,leader,column',
    csl: 'article-newspaper',
    containment: Containment::InPeriodical,
    fields: [
        'contributors',
        ['title.main!', 'Title of the editorial'],
        ['containers.0.title!', 'Newspaper or magazine'],
        ...FieldLists::PERIODICAL,
    ],
    bracketDescription: 'Editorial',
);
