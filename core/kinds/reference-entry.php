<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'reference-entry',
    label: 'Entry in a printed reference book',
    group: 'Books',
    words: 'encyclopedia,dictionary,lexicon,entry,definition',
    csl: 'entry-encyclopedia',
    shape: Shape::Part,
    fields: [
        'contributors',
        ['title.main!', 'Word or title of the entry'],
        ['containers.0.title!', 'Reference book'],
        ...FieldLists::PART_OF_BOOK,
    ],
);
