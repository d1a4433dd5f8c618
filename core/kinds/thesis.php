<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'thesis',
    label: 'Thesis or dissertation',
    group: 'Research and public documents',
    words: 'thesis,dissertation,phd,masters,doctoral',
    csl: 'thesis',
    shape: Shape::Whole,
    fields: [
        'contributors!',
        'title.main!',
        'title.subtitle',
        ['genre!', 'Kind of thesis', 'PhD dissertation'],
        ['containers.0.publisher!', 'University'],
        'containers.0.date!',
        ['containers.0.number', 'Publication number'],
        ['containers.1.title', 'Database or archive'],
        'containers.1.url',
        'containers.0.url',
        'language',
        'annotation',
    ],
);
