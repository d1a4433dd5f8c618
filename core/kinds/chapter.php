<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFit;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'chapter',
    label: 'Chapter, essay, story or poem in a book',
    group: 'Books',
    searchTerms: 'folk tale,chapter,essay,short story,story,poem,anthology,part of a book,textbook section,speech in a book,'
        .'fairy tale,fable,haiku,sonnet,ballad,novella,short stories,article in a book',
    csl: 'chapter',
    bibtex: 'incollection',
    ris: 'CHAP',
    containment: Containment::PartOf,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the part'],
        'title.subtitle',
        ['containers.0.title!', 'Title of the book'],
        '...part-of-book',
    ],
    rank: 4,
    hint: 'with a title or an author of its own',
    yearOnly: true,
    leavesOutPlatform: true,
    fits: [
        new KindFit(
            insteadOf: ['book', 'ebook'],
            sentence: 'It has pages and the title of a larger work, as a part of a book has.',
            label: 'Make it a part of a book',
            filled: ['containers.0.pages', 'containers.0.title'],
        ),
    ],
    hasImprint: true,
    word: 'chapter or piece in a book',
    words: 'chapters or pieces in books',
    scholarship: Scholarship::ByPublisher,
);
