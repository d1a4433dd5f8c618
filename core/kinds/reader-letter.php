<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'reader-letter',
    label: 'Letter to the editor',
    group: 'Articles',
    searchTerms: 'letter to the editor,readers letter,opinion',
    csl: 'article-newspaper',
    containment: Containment::InPeriodical,
    fields: [
        'contributors!',
        ['title.main!', 'Headline of the letter'],
        ['containers.0.title!', 'Newspaper or magazine'],
        ...FieldLists::PERIODICAL,
    ],
    bracketDescription: 'Letter to the editor',
);
