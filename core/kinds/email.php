<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'email',
    label: 'E-mail, letter or message',
    group: 'People',
    searchTerms: 'e-mail,email,mail,letter,message,text,voicemail,direct message,dm,chat,chat message,sms,'
        .'postcard,note',
    csl: 'personal_communication',
    ris: 'PCOMM',
    containment: Containment::PersonalCommunication,
    fields: [
        ['contributors!', 'Who wrote it'],
        ['title.main', 'Subject'],
        ['containers.0.date!', 'Day'],
        'language',
        'annotation',
    ],
    roles: [Role::Author, Role::Recipient],
    untitled: 'e-mail',
    usualMedium: 'E-mail',
    word: 'message',
    words: 'messages',
);
