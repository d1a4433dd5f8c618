<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'website',
    label: 'Whole website',
    group: 'Web',
    words: 'website,homepage,home page,entire site,project site',
    csl: 'webpage',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        ['title.main!', 'Name of the website', 'Slack Water Review'],
        ...FieldLists::WEB,
    ],
);
