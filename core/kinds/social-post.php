<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'social-post',
    label: 'Social media post',
    group: 'Web',
    searchTerms: 'post,social,microblog,thread,status,photo post,short message,status update,shared photo',
    csl: 'post',
    bibtex: 'online',
    ris: 'ELEC',
    containment: Containment::OnSite,
    fields: [
        'contributors!',
        ['title.main!', 'Text of the post (or a description)'],
        ['containers.0.title!', 'Site or app'],
        ['containers.0.date!', 'Posted'],
        'containers.0.url!',
        'accessed',
        'genre',
        'language',
        'annotation',
    ],
    bracketDescription: 'Post',
    keepsTitleCase: true,
    describable: true,
    isMessage: true,
);
