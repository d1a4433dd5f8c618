<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'online-reference',
    label: 'Entry in an online encyclopedia or dictionary',
    group: 'Web',
    words: 'encyclopedia,dictionary,definition,lexicon,thesaurus,reference',
    csl: 'entry-encyclopedia',
    shape: Shape::Part,
    fields: [
        'contributors',
        ['title.main!', 'Word or title of the entry'],
        ['containers.0.title!', 'Encyclopedia or dictionary'],
        'containers.0.contributors',
        'containers.0.edition',
        ...FieldLists::WEB,
    ],
    reaches: [Reach::Web, Reach::Database],
);
