<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\PeriodicalType;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'review',
    label: 'Review of something',
    group: 'Articles',
    searchTerms: 'review,critique,book review,film review,film critique,restaurant review,product review',
    csl: 'review',
    bibtex: 'article',
    ris: 'JOUR',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the article'],
        'title.subtitle',
        ['containers.0.title!', 'Published in', 'Coast and Clay'],
        'subject!',
        ['genre', 'What is reviewed', 'book'],
        '...periodical',
    ],
    roles: [Role::Author, Role::ReviewedAuthor],
    formPlace: FormPlace::None,
    periodicalType: PeriodicalType::Either,
    word: 'review',
    words: 'reviews',
);
