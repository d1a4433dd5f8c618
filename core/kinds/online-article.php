<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'online-article',
    label: 'Article on a website',
    group: 'Web',
    searchTerms: 'article,web article,news site,online news,feature,web story,online feature,listicle',
    csl: 'webpage',
    bibtex: 'online',
    ris: 'ELEC',
    containment: Containment::OnSite,
    fields: [
        'contributors+',
        ['title.main!', 'Headline'],
        'title.subtitle',
        ['containers.0.title+', 'Website'],
        'containers.0.section',
        '...web',
    ],
    rank: 2,
    hint: 'with an author, a date or both',
    word: 'article on a website',
    words: 'articles on websites',
);
