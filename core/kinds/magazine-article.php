<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'magazine-article',
    label: 'Magazine article',
    group: 'Articles',
    searchTerms: 'magazine,feature,periodical,archive,newsletter,magazine cover,interview in a magazine',
    csl: 'article-magazine',
    bibtex: 'article',
    ris: 'MGZN',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the article'],
        'title.subtitle',
        ['containers.0.title!', 'Magazine', 'Coast and Clay'],
        '...periodical',
    ],
    rank: 7,
    hint: 'comes out each week or month',
);
