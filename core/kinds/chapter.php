<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'chapter',
    label: 'Chapter, essay, story or poem in a book',
    group: 'Books',
    searchTerms: 'chapter,essay,short story,story,poem,anthology,part of a book,textbook section,speech in a book',
    csl: 'chapter',
    containment: Containment::PartOf,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the part'],
        'title.subtitle',
        ['containers.0.title!', 'Title of the book'],
        ...FieldLists::PART_OF_BOOK,
    ],
    rank: 8,
);
