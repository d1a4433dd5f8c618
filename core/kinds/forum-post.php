<?php

declare(strict_types=1);

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Shape;

return new Kind(
    id: 'forum-post',
    label: 'Forum post or comment',
    group: 'Web',
    words: 'forum,comment,thread,reply,discussion,message board',
    csl: 'post',
    shape: Shape::Online,
    fields: [
        'contributors+',
        ['title.main!', 'Subject'],
        ['containers.0.title+', 'Forum'],
        ['containers.0.date+', 'Posted'],
        'containers.0.url!',
        'accessed',
        'language',
        'annotation',
    ],
    note: 'Online forum post',
);
