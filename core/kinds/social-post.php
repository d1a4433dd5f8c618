<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'social-post',
    label: 'Social media post',
    group: 'Web',
    words: 'post,social,microblog,thread,status,photo post,short message',
    csl: 'post',
    shape: Shape::Online,
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
    note: 'Post',
);
