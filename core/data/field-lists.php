<?php

declare(strict_types=1);

// The ends of forms that several kinds share, in MLA's order: a kind takes one over by "...book". "!" after a path says
// that the field is required, "+" that it is expected.
return [
    'book' => [
        'containers.0.series', 'containers.0.seriesNumber', 'containers.0.edition', 'containers.0.volume',
        'containers.0.volumes', 'containers.0.publisher!', 'containers.0.date!', 'containers.0.status',
        'containers.0.place', 'original.date', 'containers.0.doi', 'containers.0.url', 'containers.1.title',
        'containers.1.url', 'isbn', 'accessed', 'language', 'annotation',
    ],
    'part-of-book' => [
        'containers.0.contributors+', 'containers.0.edition', 'containers.0.volume', 'containers.0.publisher!',
        'containers.0.date!', 'containers.0.pages+', 'containers.0.place', 'original.date', 'containers.0.doi',
        'containers.0.url', 'containers.1.title', 'containers.1.url', 'isbn', 'accessed', 'language', 'annotation',
    ],
    'periodical' => [
        'containers.0.volume', 'containers.0.issue', 'containers.0.date!', 'containers.0.pages+',
        'containers.0.doi', 'containers.0.url', 'containers.1.title', 'containers.1.url', 'accessed', 'language',
        'annotation',
    ],
    'tool' => [
        ['containers.0.version+', 'Version'], ['containers.0.publisher!', 'Company that makes it'],
        ['containers.0.date!', 'Day you asked'], 'containers.0.url+', 'language', 'annotation',
    ],
    'web' => [
        'containers.0.publisher', 'containers.0.date+', 'containers.0.url!', 'accessed', 'language', 'annotation',
    ],
];
