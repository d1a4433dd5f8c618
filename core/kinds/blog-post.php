<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'blog-post',
    label: 'Blog post',
    group: 'Web',
    searchTerms: 'blog,post,weblog,entry',
    csl: 'post-weblog',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the post'],
        'title.subtitle',
        ['containers.0.title+', 'Blog'],
        ...FieldLists::WEB,
    ],
    rank: 12,
);
