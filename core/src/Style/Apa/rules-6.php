<?php

declare(strict_types=1);

// APA, 6th edition.
// id => [where the handbook treats it, what it says otherwise than the current edition]. Sentences are our own.

return [
    'author.inverted' => ['APA Publication Manual, 6th ed., 6.27'],
    'author.and' => ['APA Publication Manual, 6th ed., 6.27'],
    'author.many' => [
        'APA Publication Manual, 6th ed., 6.27',
        'With more than seven authors: the first six, three dots, and the last.',
    ],
    'author.cut' => ['APA Publication Manual, 6th ed., 6.27'],
    'author.group' => ['APA Publication Manual, 6th ed., 6.27'],
    'author.screen' => ['APA Publication Manual, 6th ed., 7.11'],
    'author.role' => ['APA Publication Manual, 6th ed., 7.02'],
    'date' => ['APA Publication Manual, 6th ed., 6.28'],
    'date.none' => ['APA Publication Manual, 6th ed., 6.28'],
    'date.letter' => ['APA Publication Manual, 6th ed., 6.16'],
    'title.italic' => ['APA Publication Manual, 6th ed., 6.29'],
    'title.plain' => ['APA Publication Manual, 6th ed., 6.29'],
    'title.within' => ['APA Publication Manual, 6th ed., 7.06'],
    'title.described' => ['APA Publication Manual, 6th ed., 6.29'],
    'title.note' => ['APA Publication Manual, 6th ed., 6.29'],
    'title.review' => ['APA Publication Manual, 6th ed., 7.06'],
    'title.translated' => ['APA Publication Manual, 6th ed., 6.29'],
    'title.number' => ['APA Publication Manual, 6th ed., 6.29'],
    'source.in' => ['APA Publication Manual, 6th ed., 7.02'],
    'source.periodical' => ['APA Publication Manual, 6th ed., 6.30'],
    'source.volume' => ['APA Publication Manual, 6th ed., 6.30'],
    'source.pages' => [
        'APA Publication Manual, 6th ed., 6.30',
        'The first and last page, in full; a newspaper’s with “p.” or “pp.”.',
    ],
    'source.book' => ['APA Publication Manual, 6th ed., 7.02'],
    'source.status' => ['APA Publication Manual, 6th ed., 7.01'],
    'source.publisher' => [
        'APA Publication Manual, 6th ed., 6.30',
        'The city and who brought the work out, without “Inc.” and the like; “Author” where the author did.',
    ],
    'source.site' => [
        'APA Publication Manual, 6th ed., 6.32',
        'The website stands before its address, where the author is somebody else.',
    ],
    'source.place' => ['APA Publication Manual, 6th ed., 7.07'],
    'doi' => [
        'APA Publication Manual, 6th ed., 6.31',
        'The DOI, with “doi:” before it. It is chosen over other addresses because it lasts.',
    ],
    'url' => [
        'APA Publication Manual, 6th ed., 6.32',
        'The full address after “Retrieved from”, with no full stop after it, so that it still works.',
    ],
    'retrieved' => ['APA Publication Manual, 6th ed., 6.32'],
    'original' => ['APA Publication Manual, 6th ed., 7.02'],
    'law' => ['APA Publication Manual, 6th ed., app. 7.1'],
    'law.place' => ['APA Publication Manual, 6th ed., app. 7.1'],
    'stop' => ['APA Publication Manual, 6th ed., 6.27'],
    'comma' => ['APA Publication Manual, 6th ed., 6.27'],
    'cite.author' => [
        'APA Publication Manual, 6th ed., 6.12',

        'The family name or the group leads the reader to the entry; with six or more authors “et al.” follows the first.',
    ],
    'cite.title' => ['APA Publication Manual, 6th ed., 6.15'],
    'cite.quoted' => ['APA Publication Manual, 6th ed., 6.17'],
    'cite.short' => ['APA Publication Manual, 6th ed., 6.13'],
    'cite.date' => ['APA Publication Manual, 6th ed., 6.11'],
    'cite.personal' => ['APA Publication Manual, 6th ed., 6.20'],
    'cite.locator' => ['APA Publication Manual, 6th ed., 6.19'],
    'cite.parentheses' => ['APA Publication Manual, 6th ed., 6.11'],
    'caption.number' => [
        'APA Publication Manual, 6th ed., 5.23',
        'The number stands below the picture, in italics, at the head of the caption.',
    ],
    'caption.title' => ['APA Publication Manual, 6th ed., 5.23', 'What the picture shows, in a sentence’s capitals.'],
    'caption.note' => ['APA Publication Manual, 6th ed., 5.23'],
    'caption.from' => ['APA Publication Manual, 6th ed., 2.12'],
    'caption.work' => ['APA Publication Manual, 6th ed., 2.12'],
    'caption.by' => ['APA Publication Manual, 6th ed., 2.12'],
    'caption.rights' => ['APA Publication Manual, 6th ed., 2.12'],
    'annotation' => ['APA Publication Manual, 6th ed., 6.25'],
];
