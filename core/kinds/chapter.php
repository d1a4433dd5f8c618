<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'chapter',
    label: 'Chapter, essay, story or poem in a book',
    group: 'Books',
    words: 'chapter,essay,short story,story,poem,anthology,part of a book,textbook section,speech in a book',
    csl: 'chapter',
    shape: Shape::Part,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the part'],
        'title.subtitle',
        ['containers.0.title!', 'Title of the book'],
        ...FieldLists::PART_OF_BOOK,
    ],
    rank: 8,
);
