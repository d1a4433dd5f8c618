<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'pamphlet',
    label: 'Brochure, pamphlet or handout',
    group: 'Research and public documents',
    searchTerms: 'brochure,pamphlet,leaflet,flyer,handout,user manual,manual,booklet,instructions,guide',
    csl: 'pamphlet',
    bibtex: 'booklet',
    ris: 'PAMP',
    containment: Containment::SelfContained,
    fields: [
        'contributors+',
        'title.main!',
        'title.subtitle',
        'containers.0.publisher+',
        'containers.0.date+',
        'containers.0.place',
        'containers.0.url',
        'language',
        'annotation',
    ],
    bracketDescription: 'Brochure',
    hasImprint: true,
    word: 'pamphlet',
    words: 'pamphlets',
);
