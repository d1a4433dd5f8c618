<?php

declare(strict_types=1);

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
);
