<?php

declare(strict_types=1);

// MLA, 7th edition.
// id => [where the handbook treats it, what it says otherwise than the current edition]. Sentences are our own.

return [
    'author.inverted' => ['MLA Handbook, 7th ed., 5.5.2'],
    'author.two' => [
        'MLA Handbook, 7th ed., 5.5.4',
        'Second and third authors follow with their names in the usual order; “and” stands before the last.',
    ],
    'author.many' => [
        'MLA Handbook, 7th ed., 5.5.4',
        'With more than three authors only the first is named; “et al.” stands for the others.',
    ],
    'author.group' => ['MLA Handbook, 7th ed., 5.5.5'],
    'author.screen' => ['MLA Handbook, 7th ed., 5.6.2'],
    'author.unturned' => ['MLA Handbook, 7th ed., 3.8'],
    'author.role' => [
        'MLA Handbook, 7th ed., 5.5.3',
        'The shortened word after the name says what this person did, since they are not the author.',
    ],
    'author.repeated' => ['MLA Handbook, 7th ed., 5.3.4'],
    'title.quoted' => ['MLA Handbook, 7th ed., 3.6.3'],
    'title.italic' => ['MLA Handbook, 7th ed., 3.6.2'],
    'title.within' => ['MLA Handbook, 7th ed., 3.6.4'],
    'title.described' => ['MLA Handbook, 7th ed., 5.7'],
    'title.translated' => ['MLA Handbook, 7th ed., 5.5.11'],
    'title.prompt' => ['MLA Handbook, 7th ed., 5.7'],
    'review' => ['MLA Handbook, 7th ed., 5.4.7'],
    'original' => ['MLA Handbook, 7th ed., 5.5.16'],
    'made' => ['MLA Handbook, 7th ed., 5.7.6'],
    'container' => ['MLA Handbook, 7th ed., 5.4.1'],
    'container.author' => ['MLA Handbook, 7th ed., 5.5.5'],
    'publisher.author' => ['MLA Handbook, 7th ed., 5.5.5'],
    'contributor' => [
        'MLA Handbook, 7th ed., 5.5.10',
        'Who else shaped the source, after a shortened word for what they did: “Ed.”, “Trans.”.',
    ],
    'version' => ['MLA Handbook, 7th ed., 5.5.13'],
    'number' => [
        'MLA Handbook, 7th ed., 5.4.2',

        'In a journal volume and issue stand as figures with a full stop between them; elsewhere after a shortened word.',
    ],
    'publisher' => [
        'MLA Handbook, 7th ed., 7.5',
        'Who brought the source out, in a short form: “Quayside” for Quayside Press, U and P for a university’s press.',
    ],
    'date' => ['MLA Handbook, 7th ed., 5.4.5'],
    'pages' => [
        'MLA Handbook, 7th ed., 5.4.2',
        'The pages of the part you used, without “p.”; “n. pag.” where there are none.',
    ],
    'place' => ['MLA Handbook, 7th ed., 5.7.6'],
    'doi' => ['MLA Handbook, 7th ed., 5.6.1'],
    'url' => [
        'MLA Handbook, 7th ed., 5.6.1',
        'This edition asks for an address only where a reader could not find the source without it.',
    ],
    'volumes' => ['MLA Handbook, 7th ed., 5.5.14'],
    'form' => ['MLA Handbook, 7th ed., 5.4.10'],
    'series' => ['MLA Handbook, 7th ed., 5.5.15'],
    'medium' => ['MLA Handbook, 7th ed., 5.2'],
    'accessed' => [
        'MLA Handbook, 7th ed., 5.6.1',
        'What was read on the web has the day it was read.',
    ],
    'seventh.place' => ['MLA Handbook, 7th ed., 5.5.2'],
    'seventh.medium' => ['MLA Handbook, 7th ed., 5.2'],
    'stop' => [
        'MLA Handbook, 7th ed., 5.2',
        'A full stop closes author, title and publication.',
    ],
    'comma' => [
        'MLA Handbook, 7th ed., 5.2',
        'Commas part what belongs together.',
    ],
    'cite.author' => [
        'MLA Handbook, 7th ed., 6.2',
        'The family name leads the reader to the entry; up to three authors are named.',
    ],
    'cite.title' => ['MLA Handbook, 7th ed., 6.4.6'],
    'cite.quoted' => ['MLA Handbook, 7th ed., 6.4.7'],
    'cite.locator' => ['MLA Handbook, 7th ed., 6.2'],
    'cite.parentheses' => ['MLA Handbook, 7th ed., 6.3'],
    'caption.number' => ['MLA Handbook, 7th ed., 4.5'],
    'caption.words' => ['MLA Handbook, 7th ed., 4.5'],
    'caption.maker' => ['MLA Handbook, 7th ed., 4.5'],
    'annotation' => ['MLA Handbook, 7th ed., 5.3.1'],
];
