<?php

declare(strict_types=1);

// id => [element, why, where the handbook treats it]. Sentences are our own.

return [
    'author.inverted' => [
        'Author',
        'The first author stands with the family name first, because the page is in alphabetical order.',
        'MLA Handbook, 9th ed., 5.6',
    ],
    'author.two' => [
        'Author',
        'A second author follows “and”, with the name in its usual order.',
        'MLA Handbook, 9th ed., 5.7',
    ],
    'author.many' => [
        'Author',
        'With three or more authors only the first is named; “et al.” stands for the others.',
        'MLA Handbook, 9th ed., 5.8',
    ],
    'author.group' => [
        'Author',
        'An organisation’s name is written out and never inverted.',
        'MLA Handbook, 9th ed., 5.17',
    ],
    'author.screen' => [
        'Author',
        'A screen name stands as it is shown, in brackets when the real name is known.',
        'MLA Handbook, 9th ed., 5.10',
    ],
    'author.unturned' => [
        'Author',
        'This name begins with the family name already, or has one part only, so no comma is needed.',
        'MLA Handbook, 9th ed., 2.73',
    ],
    'author.role' => [
        'Author',
        'The word after the name says what this person did, since they are not the author.',
        'MLA Handbook, 9th ed., 5.9',
    ],
    'author.repeated' => [
        'Author',
        'Three hyphens stand for the same name as in the entry above.',
        'MLA Handbook, 9th ed., 5.126',
    ],
    'title.quoted' => [
        'Title of source',
        'In quotation marks, because it is one part of a larger whole; every principal word has a capital.',
        'MLA Handbook, 9th ed., 5.25',
    ],
    'title.italic' => [
        'Title of source',
        'In italics, because it stands on its own; every principal word has a capital.',
        'MLA Handbook, 9th ed., 5.24',
    ],
    'title.within' => [
        'Title of source',
        'A title inside the title is set off from the words around it.',
        'MLA Handbook, 9th ed., 2.106',
    ],
    'title.described' => [
        'Title of source',
        'A plain description, because the source has no title: no italics, no quotation marks.',
        'MLA Handbook, 9th ed., 5.28',
    ],
    'title.translated' => [
        'Title of source',
        'The meaning of a title in another language stands in brackets after it.',
        'MLA Handbook, 9th ed., 5.30',
    ],
    'title.prompt' => [
        'Title of source',
        'What you asked stands in quotation marks, followed by the word “prompt”.',
        'MLA Style Center, on generative AI',
    ],
    'review' => ['Title of source', 'What the review is about, with its maker.', 'MLA Handbook, 9th ed., 5.29'],
    'original' => [
        'Original date',
        'When a republished work first came out, right after its title.',
        'MLA Handbook, 9th ed., 5.106',
    ],
    'made' => [
        'Date',
        'When a work of art was made stands right after its title, because its website is younger.',
        'MLA Handbook, 9th ed., appendix 2, visual art',
    ],
    'container' => [
        'Title of container',
        'The larger whole that holds the source, in italics.',
        'MLA Handbook, 9th ed., 5.31',
    ],
    'container.author' => [
        'Title of container',
        'The larger whole that holds the source, in italics. It is the author too, so it is named here only.',
        'MLA Handbook, 9th ed., 5.19',
    ],
    'publisher.author' => [
        'Publisher',
        'Who brought the source out is its author too: MLA names it here only, and the entry begins with the title.',
        'MLA Handbook, 9th ed., 5.19',
    ],
    'contributor' => [
        'Contributor',
        'Who else shaped the source, after a word for what they did.',
        'MLA Handbook, 9th ed., 5.38',
    ],
    'version' => [
        'Version',
        'Which edition or version it is, with “edition” shortened to “ed.”.',
        'MLA Handbook, 9th ed., 5.48',
    ],
    'number' => ['Number', 'Volume, issue, season or episode, after a shortened word.', 'MLA Handbook, 9th ed., 5.51'],
    'publisher' => [
        'Publisher',
        'Who brought the source out; business words are left off, and an academic press has U and P.',
        'MLA Handbook, 9th ed., 5.54',
    ],
    'date' => [
        'Publication date',
        'Day, month, year; months longer than four letters are shortened.',
        'MLA Handbook, 9th ed., 5.68',
    ],
    'pages' => [
        'Location',
        'The pages of the part you used: p. for one, pp. for several.',
        'MLA Handbook, 9th ed., 5.84',
    ],
    'place' => ['Location', 'Where the object is kept, or where the event took place.', 'MLA Handbook, 9th ed., 5.98'],
    'doi' => [
        'Location',
        'The DOI as an address. It is chosen over other addresses because it lasts.',
        'MLA Handbook, 9th ed., 5.93',
    ],
    'url' => [
        'Location',
        'The address without http:// in front and without what sites add to follow visitors.',
        'MLA Handbook, 9th ed., 5.95',
    ],
    'volumes' => [
        'Number of volumes',
        'How many volumes the whole work has, at the end, when you used more than one.',
        'MLA Handbook, 9th ed., 5.116',
    ],
    'form' => ['Form', 'What kind of text this is, where its title does not say so.', 'MLA Handbook, 9th ed., 5.114'],
    'series' => ['Series', 'The series a book belongs to stands at the end.', 'MLA Handbook, 9th ed., 5.110'],
    'medium' => [
        'Medium',
        'A word on what kind of thing this is, where the rest does not say it.',
        'MLA Handbook, 9th ed., 5.114',
    ],
    'accessed' => [
        'Date of access',
        'The day you read it, since the source has no date of its own or your course asks for it.',
        'MLA Handbook, 9th ed., 5.111',
    ],
    'seventh.place' => [
        'Place of publication',
        'The 7th edition names the city; “N.p.” says that there is none.',
        'MLA Handbook, 7th ed., 5.5.2',
    ],
    'seventh.medium' => [
        'Medium of publication',
        'The 7th edition says how you had the source: Print, Web, Film.',
        'MLA Handbook, 7th ed., 5.2',
    ],
    'stop' => ['Punctuation', 'A full stop closes each of author, title and container.', 'MLA Handbook, 9th ed., 5.2'],
    'comma' => ['Punctuation', 'Commas part the elements of one container.', 'MLA Handbook, 9th ed., 5.2'],
    'cite.author' => [
        'In-text citation',
        'The family name leads the reader to the entry.',
        'MLA Handbook, 9th ed., 6.4',
    ],
    'cite.title' => [
        'In-text citation',
        'A short form of the title, because the entry begins with it or the author has other works here.',
        'MLA Handbook, 9th ed., 6.10',
    ],
    'cite.quoted' => [
        'In-text citation',
        'The words are quoted from a work that quotes them itself: “qtd. in” names the one you read.',
        'MLA Handbook, 9th ed., 6.77',
    ],
    'cite.locator' => [
        'In-text citation',
        'The place in the source; a page needs no “p.”.',
        'MLA Handbook, 9th ed., 6.16',
    ],
    'cite.parentheses' => [
        'In-text citation',
        'Parentheses hold what your sentence does not say already.',
        'MLA Handbook, 9th ed., 6.3',
    ],
    'caption.number' => [
        'Caption',
        '“Fig.” and its number stand below the picture, in the order of your text.',
        'MLA Handbook, 9th ed., 1.7',
    ],
    'caption.words' => ['Caption', 'Your own words on the picture.', 'MLA Handbook, 9th ed., 1.7'],
    'caption.maker' => [
        'Caption',
        'Names stand as one says them, since nothing is sorted here.',
        'MLA Handbook, 9th ed., 1.7',
    ],
    'annotation' => [
        'Annotation',
        'Your own words on the source, in a paragraph below the entry.',
        'MLA Handbook, 9th ed., 5.132',
    ],
    'by-hand' => [
        'The whole entry',
        'You wrote this entry by hand, for this style. What you change in the form does not change it.',
        'MLA Handbook, 9th ed., 5.2',
    ],
];
