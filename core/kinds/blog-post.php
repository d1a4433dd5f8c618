<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'blog-post',
    label: 'Blog post',
    group: 'Web',
    searchTerms: 'blog,post,weblog,entry,travel blog,food blog',
    csl: 'post-weblog',
    bibtex: 'online',
    ris: 'BLOG',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the post'],
        'title.subtitle',
        ['containers.0.title+', 'Blog'],
        '...web',
    ],
    rank: 12,
    formerBracketDescription: 'Blog post',
    isMessage: true,
);
