<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'published-interview',
    label: 'Published interview',
    group: 'Articles',
    words: 'interview,conversation,question and answer',
    csl: 'article-magazine',
    shape: Shape::Article,
    fields: [
        ['contributors!', 'Person interviewed'],
        ['title.main!', 'Title of the interview'],
        ['containers.0.title!', 'Published in'],
        ...FieldLists::PERIODICAL,
    ],
    leads: [[Role::Interviewee, Role::Author]],
    roles: [Role::Interviewee, Role::Interviewer],
);
