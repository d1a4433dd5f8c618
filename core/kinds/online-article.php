<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'online-article',
    label: 'Article on a website',
    group: 'Web',
    words: 'article,web article,news site,story,online news,feature',
    csl: 'webpage',
    shape: Shape::Online,
    fields: [
        'contributors+',
        ['title.main!', 'Headline'],
        'title.subtitle',
        ['containers.0.title+', 'Website'],
        'containers.0.section',
        ...FieldLists::WEB,
    ],
    rank: 2,
);
