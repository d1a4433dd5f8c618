<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'email',
    label: 'E-mail, letter or message',
    group: 'People',
    words: 'e-mail,email,mail,letter,message,text',
    csl: 'personal_communication',
    shape: Shape::Message,
    fields: [
        ['contributors!', 'Who wrote it'],
        ['title.main', 'Subject'],
        ['containers.0.date!', 'Day'],
        'language',
        'annotation',
    ],
    roles: [Role::Author, Role::Recipient],
);
