<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'editorial',
    label: 'Editorial',
    group: 'Articles',
    words: 'editorial,opinion,leader,column',
    csl: 'article-newspaper',
    shape: Shape::Article,
    fields: [
        'contributors',
        ['title.main!', 'Title of the editorial'],
        ['containers.0.title!', 'Newspaper or magazine'],
        ...FieldLists::PERIODICAL,
    ],
    note: 'Editorial',
);
