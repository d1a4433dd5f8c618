<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Role;

return new Kind(
    id: 'special-issue',
    label: 'Special issue of a journal',
    group: 'Articles',
    searchTerms: 'special issue,theme issue,journal issue,whole issue',
    csl: 'periodical',
    containment: Containment::InPeriodical,
    fields: [
        ['contributors+', 'Editor of the issue'],
        ['title.main!', 'Title of the issue'],
        'title.subtitle',
        ['containers.0.title!', 'Journal', 'Journal of Coastal History'],
        ...FieldLists::PERIODICAL,
    ],
    bracketDescription: 'Special issue',
    primaryRoles: [[Role::Editor, Role::Author]],
    roles: [Role::Editor],
);
