<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFit;
use Bibrel\Core\Source\PeriodicalType;
use Bibrel\Core\Source\Scholarship;

return new Kind(
    id: 'journal-article',
    label: 'Journal article',
    group: 'Articles',
    searchTerms: 'journal,scholarly,academic,paper,study,peer reviewed,database,article in press,ahead of print,reprint',
    csl: 'article-journal',
    bibtex: 'article',
    ris: 'JOUR',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the article'],
        'title.subtitle',
        ['containers.0.title!', 'Journal', 'Journal of Coastal History'],
        'containers.0.volume+',
        'containers.0.issue+',
        'containers.0.date!',
        'containers.0.status',
        'containers.0.pages+',
        'containers.0.articleNumber',
        'containers.0.doi+',
        'containers.0.url',
        'containers.1.title',
        'containers.1.url',
        'accessed',
        'language',
        'annotation',
    ],
    rank: 5,
    hint: 'by scholars; volume and issue',
    yearOnly: true,
    periodicalType: PeriodicalType::Journal,
    fits: [
        new KindFit(
            insteadOf: ['web-page', 'online-article', 'website'],
            sentence: 'It has a volume like a journal article. Is it one?',
            label: 'Make it a journal article',
            filled: ['containers.0.volume', ['containers.0.issue', 'containers.0.pages', 'containers.0.doi']],
        ),
        new KindFit(
            insteadOf: ['chapter'],
            sentence: 'Volume and issue belong to a periodical, not to a book.',
            label: 'Make it a journal article',
            filled: ['containers.0.volume', 'containers.0.issue'],
        ),
    ],
    scholarship: Scholarship::ReviewedVenue,
);
