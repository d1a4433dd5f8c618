<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFit;

return new Kind(
    id: 'web-page',
    label: 'Web page',
    group: 'Web',
    searchTerms: 'website,webpage,site,online page,about page,faq,help page,landing page,fan page,recipe',
    csl: 'webpage',
    bibtex: 'online',
    ris: 'ELEC',
    containment: Containment::OnSite,
    fields: [
        'contributors+',
        ['title.main!', 'Page title'],
        'title.subtitle',
        ['containers.0.title+', 'Website'],
        '...web',
    ],
    rank: 1,
    hint: 'one page of a site, with or without a date',
    fits: [
        new KindFit(
            insteadOf: ['website'],
            sentence: 'The address leads to one page of the site, and the site has a name of its own next to it.',
            label: 'Make it a web page',
            filled: ['containers.0.title'],
            address: '~^https?://[^/]+/[^?#]*[^/?#]~i',
        ),
        new KindFit(
            insteadOf: ['journal-article'],
            sentence: 'A journal article needs its journal. Is this a page on a website?',
            label: 'Make it a web page',
            filled: ['containers.0.url'],
            empty: ['containers.0.volume', 'containers.0.title'],
        ),
    ],
);
