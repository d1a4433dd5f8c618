<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'chapter',
    label: 'Chapter, essay, story or poem in a book',
    group: 'Books',
    words: 'chapter,essay,short story,poem,anthology,part of a book',
    csl: 'chapter',
    shape: Shape::Part,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the part'],
        'title.subtitle',
        ['containers.0.title!', 'Title of the book'],
        'containers.0.contributors+',
        'containers.0.edition',
        'containers.0.volume',
        'containers.0.publisher!',
        'containers.0.date!',
        'containers.0.pages+',
        'containers.0.place',
        'original.date',
        'containers.0.doi',
        'containers.0.url',
        'isbn',
        'language',
        'annotation',
    ],
    rank: 8,
);
