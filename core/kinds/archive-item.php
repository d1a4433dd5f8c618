<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Reach;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'archive-item',
    label: 'Letter, manuscript or object in an archive',
    group: 'Research and public documents',
    words: 'archive,manuscript,primary source,diary,document',
    csl: 'manuscript',
    shape: Shape::Whole,
    fields: [
        'contributors+',
        ['title.main!', 'Title, or a description'],
        ['containers.0.date+', 'Date made'],
        ['containers.0.collection!', 'Collection and archive', 'Mill Papers, Gullhaven Record Office'],
        ['containers.0.number', 'Shelf mark'],
        'containers.0.url',
        'language',
        'annotation',
    ],
    reaches: [Reach::InPerson, Reach::Web],
);
