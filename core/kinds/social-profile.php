<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'social-profile',
    label: 'Social media profile',
    group: 'Web',
    searchTerms: 'profile,account,page of a person,channel,bio,profile page',
    csl: 'post',
    bibtex: 'online',
    ris: 'ELEC',
    containment: Containment::OnSite,
    fields: [
        'contributors!',
        ['title.main!', 'Name of the profile or page'],
        ['containers.0.title!', 'Site or app'],
        'containers.0.url!',
        'accessed+',
        'language',
        'annotation',
    ],
    bracketDescription: 'Social media profile',
    changes: true,
);
