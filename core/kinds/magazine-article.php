<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'magazine-article',
    label: 'Magazine article',
    group: 'Articles',
    words: 'magazine,feature,periodical,archive',
    csl: 'article-magazine',
    shape: Shape::Article,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the article'],
        'title.subtitle',
        ['containers.0.title!', 'Magazine', 'Coast and Clay'],
        ...FieldLists::PERIODICAL,
    ],
    rank: 6,
);
