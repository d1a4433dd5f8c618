<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'ebook',
    label: 'E-book',
    group: 'Books',
    words: 'e-book,ebook,reader,digital book,device',
    csl: 'book',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'containers.0.series',
        'containers.0.edition',
        'containers.0.volume',
        'containers.0.publisher!',
        'containers.0.date!',
        'containers.0.place',
        'original.date',
        'containers.0.doi',
        'containers.0.url',
        'isbn',
        ['containers.1.title', 'Service or app', 'Pocket Shelf'],
        'containers.1.url',
        'accessed',
        'language',
        'annotation',
    ],
    reaches: [Reach::App, Reach::Web, Reach::Database],
);
