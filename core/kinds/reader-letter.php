<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'reader-letter',
    label: 'Letter to the editor',
    group: 'Articles',
    words: 'letter to the editor,readers letter,opinion',
    csl: 'article-newspaper',
    shape: Shape::Article,
    fields: [
        'contributors!',
        ['title.main!', 'Headline of the letter'],
        ['containers.0.title!', 'Newspaper or magazine'],
        ...FieldLists::PERIODICAL,
    ],
    note: 'Letter to the editor',
);
