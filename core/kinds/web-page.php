<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'web-page',
    label: 'Web page',
    group: 'Web',
    searchTerms: 'website,webpage,site,internet,link,url,online page,about page',
    csl: 'webpage',
    containment: Containment::OnSite,
    fields: [
        'contributors+',
        ['title.main!', 'Page title'],
        'title.subtitle',
        ['containers.0.title+', 'Website'],
        ...FieldLists::WEB,
    ],
    rank: 1,
);
