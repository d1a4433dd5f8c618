<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\PeriodicalType;

return new Kind(
    id: 'reader-letter',
    label: 'Letter to the editor',
    group: 'Articles',
    searchTerms: 'letter to the editor,readers letter,opinion,letter to a newspaper',
    csl: 'article-newspaper',
    bibtex: 'article',
    ris: 'NEWS',
    genres: ['letter to the editor'],
    containment: Containment::InPeriodical,
    fields: [
        'contributors!',
        ['title.main!', 'Headline of the letter'],
        ['containers.0.title!', 'Newspaper or magazine'],
        '...periodical',
    ],
    bracketDescription: 'Letter to the editor',
    form: 'Letter to the editor',
    periodicalType: PeriodicalType::Either,
    inNewspaper: true,
    word: 'letter to the editor',
    words: 'letters to the editor',
);
