<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'cartoon',
    label: 'Cartoon or comic strip',
    group: 'Pictures',
    searchTerms: 'cartoon,comic strip,drawing,comic,strip,political cartoon',
    csl: 'graphic',
    ris: 'ART',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title, or a description'],
        ['containers.0.title!', 'Published in'],
        'containers.0.date!',
        'containers.0.pages',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    bracketDescription: 'Cartoon',
    primaryRoles: [[Role::Artist, Role::Author]],
    roles: [Role::Artist, Role::Author],
    describable: true,
    form: 'Cartoon',
    isImage: true,
    word: 'cartoon',
    words: 'cartoons',
);
