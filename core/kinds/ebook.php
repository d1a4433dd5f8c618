<?php

declare(strict_types=1);

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'ebook',
    label: 'E-book',
    group: 'Books',
    searchTerms: 'e-book,ebook,reader,digital book,device',
    csl: 'book',
    bibtex: 'book',
    ris: 'BOOK',
    genres: ['e-book', 'ebook', 'electronic book'],
    containment: Containment::SelfContained,
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
    accessMethods: [AccessMethod::App, AccessMethod::Web, AccessMethod::Database],
    yearOnly: true,
    usualMedium: 'E-book',
    deviceEdition: 'e-book ed.',
    hasImprint: true,
    hasParts: true,
    word: 'e-book',
    words: 'e-books',
    scholarship: Scholarship::ByPublisher,
);
