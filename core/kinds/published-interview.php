<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\PeriodicalType;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'published-interview',
    label: 'Published interview',
    group: 'Articles',
    searchTerms: 'interview,conversation,question and answer',
    csl: 'article-magazine',
    bibtex: 'article',
    ris: 'MGZN',
    containment: Containment::InPeriodical,
    fields: [
        ['contributors!', 'Person interviewed'],
        ['title.main!', 'Title of the interview'],
        ['containers.0.title!', 'Published in'],
        '...periodical',
    ],
    primaryRoles: [[Role::Interviewee, Role::Author]],
    roles: [Role::Interviewee, Role::Interviewer],
    periodicalType: PeriodicalType::Either,
    bracketDescription: 'Interview',
);
