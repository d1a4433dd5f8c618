<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'advertisement',
    label: 'Advertisement',
    group: 'Pictures',
    searchTerms: 'ad,advert,commercial,poster,advertising,billboard,banner,trailer',
    csl: 'graphic',
    ris: 'ART',
    containment: Containment::InPeriodical,
    fields: [
        ['contributors', 'Company or product'],
        ['title.main!', 'Title, or a description'],
        ['containers.0.title+', 'Where it appeared'],
        'containers.0.date!',
        'containers.0.pages',
        'containers.0.url',
        'accessed',
        'language',
        'annotation',
    ],
    bracketDescription: 'Advertisement',
    describable: true,
    form: 'Advertisement',
    isImage: true,
);
