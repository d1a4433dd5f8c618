<?php

declare(strict_types=1);

use Bibrel\Core\Source\FieldLists;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'blog-post',
    label: 'Blog post',
    group: 'Web',
    words: 'blog,post,weblog,entry',
    csl: 'post-weblog',
    shape: Shape::Article,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the post'],
        'title.subtitle',
        ['containers.0.title+', 'Blog'],
        ...FieldLists::WEB,
    ],
    rank: 12,
);
