<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'interview-own',
    label: 'Interview you did yourself',
    group: 'People',
    searchTerms: 'interview,personal interview,conversation,phone,oral history,talk with somebody',
    csl: 'interview',
    containment: Containment::PersonalCommunication,
    fields: [
        ['contributors!', 'Person you talked to'],
        ['containers.0.date!', 'Day'],
        ['genre', 'How', 'Interview by telephone'],
        'language',
        'annotation',
    ],
    primaryRoles: [[Role::Interviewee, Role::Author]],
    roles: [Role::Interviewee, Role::Interviewer],
    untitled: 'interview',
    word: 'interview of your own',
    words: 'interviews of your own',
);
