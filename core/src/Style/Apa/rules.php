<?php

declare(strict_types=1);

// id => [element, why, where the handbook treats it]. Sentences are our own.

return [
    'author.inverted' => [
        'Author',
        'Every author stands with the family name first and only initials after it.',
        'APA Publication Manual, 7th ed., 9.8',
    ],
    'author.and' => ['Author', 'An ampersand stands before the last author.', 'APA Publication Manual, 7th ed., 9.8'],
    'author.many' => [
        'Author',
        'With more than twenty authors: the first nineteen, three dots, and the last.',
        'APA Publication Manual, 7th ed., 9.8',
    ],
    'author.cut' => [
        'Author',
        '“Et al.” stands for authors nobody named here; the entry wants all of them.',
        'APA Publication Manual, 7th ed., 9.8',
    ],
    'author.group' => [
        'Author',
        'An organisation’s name is written out in full.',
        'APA Publication Manual, 7th ed., 9.11',
    ],
    'author.screen' => [
        'Author',
        'A screen name stands as it is shown, in brackets when the real name is known.',
        'APA Publication Manual, 7th ed., 9.8',
    ],
    'author.role' => [
        'Author',
        'The word in parentheses says what this person did, since they are not the author.',
        'APA Publication Manual, 7th ed., 9.10',
    ],
    'date' => [
        'Date',

        'The date stands right after the author: the year first, then month and day where the source is dated to the '
            .'day.',
        'APA Publication Manual, 7th ed., 9.14',
    ],
    'date.none' => ['Date', '“n.d.” says that the source has no date.', 'APA Publication Manual, 7th ed., 9.17'],
    'date.letter' => [
        'Date',
        'The letter tells apart works of the same authors and the same year.',
        'APA Publication Manual, 7th ed., 9.47',
    ],
    'title.italic' => [
        'Title',

        'In italics, because the work stands on its own; only the first word, the first after a colon and names have '
            .'capitals.',
        'APA Publication Manual, 7th ed., 9.19',
    ],
    'title.plain' => [
        'Title',

        'Without italics or quotation marks, because it is part of a larger work; only the first word, the first after '
            .'a colon and names have capitals.',
        'APA Publication Manual, 7th ed., 9.19',
    ],
    'title.within' => [
        'Title',
        'A title inside the title is set off from the words around it.',
        'APA Publication Manual, 7th ed., 6.23',
    ],
    'title.described' => [
        'Title',
        'A description in brackets, because the source has no title.',
        'APA Publication Manual, 7th ed., 9.22',
    ],
    'title.note' => [
        'Description',
        'A word in brackets says what kind of work this is.',
        'APA Publication Manual, 7th ed., 9.21',
    ],
    'title.review' => [
        'Description',
        'What the review is about, in brackets, with its maker.',
        'APA Publication Manual, 7th ed., 10.7',
    ],
    'title.translated' => [
        'Title',
        'The meaning of a title in another language stands in brackets after it.',
        'APA Publication Manual, 7th ed., 9.38',
    ],
    'title.number' => [
        'Title',
        'Edition, volume, report number and translators stand in parentheses after the title.',
        'APA Publication Manual, 7th ed., 9.19',
    ],
    'source.in' => [
        'Source',
        '“In”, the editors with their initials first, and the title of the whole work.',
        'APA Publication Manual, 7th ed., 9.28',
    ],
    'source.periodical' => [
        'Source',
        'The periodical’s name in italics, with its own capitals.',
        'APA Publication Manual, 7th ed., 9.25',
    ],
    'source.volume' => [
        'Source',
        'The volume in italics, the issue in parentheses without them.',
        'APA Publication Manual, 7th ed., 9.25',
    ],
    'source.pages' => ['Source', 'The first and last page, in full.', 'APA Publication Manual, 7th ed., 9.25'],
    'source.book' => ['Source', 'The title of the whole work, in italics.', 'APA Publication Manual, 7th ed., 9.28'],
    'source.status' => [
        'Source',
        'The article is out before its issue, so a word says so.',
        'APA Publication Manual, 7th ed., 10.1',
    ],
    'source.publisher' => [
        'Source',
        'Who brought the work out, without “Inc.” and the like; left out when it is the author.',
        'APA Publication Manual, 7th ed., 9.29',
    ],
    'source.site' => [
        'Source',
        'The name of the website, without italics; left out when it is the author.',
        'APA Publication Manual, 7th ed., 9.32',
    ],
    'source.place' => ['Source', 'Where it is kept or took place.', 'APA Publication Manual, 7th ed., 9.31'],
    'doi' => [
        'Source',
        'The DOI as an address. It is chosen over other addresses because it lasts.',
        'APA Publication Manual, 7th ed., 9.35',
    ],
    'url' => [
        'Source',
        'The full address, with no full stop after it, so that it still works.',
        'APA Publication Manual, 7th ed., 9.35',
    ],
    'retrieved' => [
        'Source',
        'The day you read it, because the work changes by design or your course asks for it.',
        'APA Publication Manual, 7th ed., 9.16',
    ],
    'original' => ['Source', 'When a republished work first came out.', 'APA Publication Manual, 7th ed., 9.41'],
    'law' => [
        'Title',
        'The name of the case or law, with its own capitals and without italics.',
        'APA Publication Manual, 7th ed., ch. 11',
    ],
    'law.place' => [
        'Source',
        'Where it is printed, as lawyers write it: volume, report or code, page or section, and the court.',
        'APA Publication Manual, 7th ed., ch. 11',
    ],
    'stop' => [
        'Punctuation',
        'A full stop closes each of author, date, title and source.',
        'APA Publication Manual, 7th ed., 9.5',
    ],
    'comma' => ['Punctuation', 'Commas part what belongs to one element.', 'APA Publication Manual, 7th ed., 9.5'],
    'cite.author' => [
        'In-text citation',

        'The family name or the group leads the reader to the entry; with three or more authors “et al.” follows the '
            .'first.',
        'APA Publication Manual, 7th ed., 8.17',
    ],
    'cite.title' => [
        'In-text citation',
        'The title stands in for the author, in capitals as in a headline, because the entry begins with it.',
        'APA Publication Manual, 7th ed., 8.14',
    ],
    'cite.quoted' => [
        'In-text citation',
        'The words come from a work that passes them on: “as cited in” names the one you read.',
        'APA Publication Manual, 7th ed., 8.6',
    ],
    'cite.short' => [
        'In-text citation',
        'The abbreviation is given once, in brackets, and stands alone from then on.',
        'APA Publication Manual, 7th ed., 8.21',
    ],
    'cite.date' => [
        'In-text citation',
        'The year alone, even where the entry has month and day.',
        'APA Publication Manual, 7th ed., 8.10',
    ],
    'cite.personal' => [
        'In-text citation',
        'What no reader can get at is cited in the text only, with its full date.',
        'APA Publication Manual, 7th ed., 8.9',
    ],
    'cite.locator' => [
        'In-text citation',
        'The place in the source, with a word or abbreviation before it.',
        'APA Publication Manual, 7th ed., 8.13',
    ],
    'cite.parentheses' => [
        'In-text citation',
        'Parentheses hold what your sentence does not say already.',
        'APA Publication Manual, 7th ed., 8.11',
    ],
    'caption.number' => [
        'Caption',
        'The number stands above the picture, on a line of its own, in bold.',
        'APA Publication Manual, 7th ed., 7.24',
    ],
    'caption.title' => [
        'Caption',
        'A short title in italics below the number, with the capitals of a headline.',
        'APA Publication Manual, 7th ed., 7.25',
    ],
    'caption.note' => [
        'Caption',
        'The note below the picture says where it is from.',
        'APA Publication Manual, 7th ed., 7.28',
    ],
    'caption.from' => [
        'Caption',
        '“From” for a picture as it was, “Adapted from” for one that you changed.',
        'APA Publication Manual, 7th ed., 12.15',
    ],
    'caption.work' => [
        'Caption',
        'The title of the picture, with the capitals of a headline.',
        'APA Publication Manual, 7th ed., 12.15',
    ],
    'caption.by' => ['Caption', 'Who made it, initials first.', 'APA Publication Manual, 7th ed., 12.15'],
    'caption.rights' => [
        'Caption',
        'Who holds the rights, or the licence that lets you show it.',
        'APA Publication Manual, 7th ed., 12.15',
    ],
    'annotation' => [
        'Annotation',
        'Your own words on the source, in a paragraph below the entry.',
        'APA Publication Manual, 7th ed., 9.51',
    ],
    'by-hand' => [
        'The whole entry',
        'You wrote this entry by hand, for this style. What you change in the form does not change it.',
        'APA Publication Manual, 7th ed., 9.2',
    ],
];
