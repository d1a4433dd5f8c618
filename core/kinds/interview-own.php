<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'interview-own',
    label: 'Interview you did yourself',
    group: 'People',
    words: 'interview,personal interview,conversation,phone',
    csl: 'interview',
    shape: Shape::Message,
    fields: [
        ['contributors!', 'Person you talked to'],
        ['containers.0.date!', 'Day'],
        ['genre', 'How', 'Interview by telephone'],
        'language',
        'annotation',
    ],
    leads: [[Role::Interviewee, Role::Author]],
    roles: [Role::Interviewee, Role::Interviewer],
);
