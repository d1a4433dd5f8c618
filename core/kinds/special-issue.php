<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\PeriodicalType;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Scholarship;
use Bibrel\Core\Source\TitleFormat;

return new Kind(
    id: 'special-issue',
    label: 'Special issue of a journal',
    group: 'Articles',
    searchTerms: 'special issue,theme issue,journal issue,whole issue,themed issue',
    csl: 'periodical',
    genres: ['special issue'],
    containment: Containment::InPeriodical,
    fields: [
        ['contributors+', 'Editor of the issue'],
        ['title.main!', 'Title of the issue'],
        'title.subtitle',
        ['containers.0.title!', 'Journal', 'Journal of Coastal History'],
        '...periodical',
    ],
    bracketDescription: 'Special issue',
    primaryRoles: [[Role::Editor, Role::Author]],
    roles: [Role::Editor],
    titleFormat: TitleFormat::Italic,
    form: 'special issue',
    formPlace: FormPlace::BeforeContainer,
    yearOnly: true,
    periodicalType: PeriodicalType::Journal,
    word: 'special issue of a journal',
    words: 'special issues of journals',
    scholarship: Scholarship::ReviewedVenue,
);
