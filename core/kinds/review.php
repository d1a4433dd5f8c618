<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'review',
    label: 'Review of something',
    group: 'Articles',
    searchTerms: 'review,critique,book review,film review',
    csl: 'review',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the article'],
        'title.subtitle',
        ['containers.0.title!', 'Published in', 'Coast and Clay'],
        'subject!',
        ['genre', 'What is reviewed', 'book'],
        ...FieldLists::PERIODICAL,
    ],
    roles: [Role::Author, Role::ReviewedAuthor],
);
