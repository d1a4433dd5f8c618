<?php

declare(strict_types=1);

// MLA, 8th edition.
// id => [where the handbook treats it, what it says otherwise than the current edition]. Sentences are our own.

return [
    'author.inverted' => ['MLA Handbook, 8th ed., p. 21'],
    'author.two' => ['MLA Handbook, 8th ed., p. 21'],
    'author.many' => ['MLA Handbook, 8th ed., p. 22'],
    'author.group' => ['MLA Handbook, 8th ed., p. 25'],
    'author.screen' => ['MLA Handbook, 8th ed., p. 24'],
    'author.unturned' => ['MLA Handbook, 8th ed., p. 63'],
    'author.role' => ['MLA Handbook, 8th ed., p. 23'],
    'author.repeated' => ['MLA Handbook, 8th ed., p. 113'],
    'title.quoted' => ['MLA Handbook, 8th ed., p. 26'],
    'title.italic' => ['MLA Handbook, 8th ed., p. 25'],
    'title.within' => ['MLA Handbook, 8th ed., p. 71'],
    'title.described' => ['MLA Handbook, 8th ed., p. 28'],
    'title.translated' => ['MLA Handbook, 8th ed., p. 28'],
    'title.prompt' => ['MLA Handbook, 8th ed., p. 28'],
    'review' => ['MLA Handbook, 8th ed., p. 29'],
    'original' => ['MLA Handbook, 8th ed., p. 50'],
    'made' => ['MLA Handbook, 8th ed., p. 50'],
    'container' => ['MLA Handbook, 8th ed., p. 30'],
    'container.author' => ['MLA Handbook, 8th ed., p. 25'],
    'publisher.author' => ['MLA Handbook, 8th ed., p. 25'],
    'contributor' => ['MLA Handbook, 8th ed., p. 37'],
    'version' => ['MLA Handbook, 8th ed., p. 38'],
    'number' => ['MLA Handbook, 8th ed., p. 39'],
    'publisher' => ['MLA Handbook, 8th ed., p. 40'],
    'date' => [
        'MLA Handbook, 8th ed., p. 42',
        'Day, month, year; months longer than four letters are shortened, and a season has a capital.',
    ],
    'pages' => ['MLA Handbook, 8th ed., p. 46'],
    'place' => ['MLA Handbook, 8th ed., p. 49'],
    'doi' => [
        'MLA Handbook, 8th ed., p. 110',
        'The DOI, with “doi:” before it. It is chosen over other addresses because it lasts.',
    ],
    'url' => ['MLA Handbook, 8th ed., p. 48'],
    'volumes' => ['MLA Handbook, 8th ed., p. 51'],
    'form' => ['MLA Handbook, 8th ed., p. 52'],
    'series' => ['MLA Handbook, 8th ed., p. 52'],
    'medium' => ['MLA Handbook, 8th ed., p. 52'],
    'accessed' => ['MLA Handbook, 8th ed., p. 53'],
    'seventh.place' => ['MLA Handbook, 8th ed., p. 51'],
    'seventh.medium' => ['MLA Handbook, 8th ed., p. 52'],
    'stop' => ['MLA Handbook, 8th ed., p. 20'],
    'comma' => ['MLA Handbook, 8th ed., p. 20'],
    'cite.author' => ['MLA Handbook, 8th ed., p. 54'],
    'cite.title' => ['MLA Handbook, 8th ed., p. 55'],
    'cite.quoted' => ['MLA Handbook, 8th ed., p. 124'],
    'cite.locator' => ['MLA Handbook, 8th ed., p. 56'],
    'cite.parentheses' => ['MLA Handbook, 8th ed., p. 54'],
    'annotation' => ['MLA Handbook, 8th ed., p. 129'],
];
