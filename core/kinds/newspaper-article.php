<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'newspaper-article',
    label: 'Newspaper article',
    group: 'Articles',
    searchTerms: 'newspaper,news,daily,press,editorial,letter to the editor,obituary,column,news report,'
        .'report in the news,wire story,headline,clipping',
    csl: 'article-newspaper',
    bibtex: 'article',
    ris: 'NEWS',
    containment: Containment::InPeriodical,
    fields: [
        'contributors+',
        ['title.main!', 'Title of the article'],
        'title.subtitle',
        ['containers.0.title!', 'Newspaper', 'Gullhaven Courier'],
        'containers.0.edition',
        'containers.0.section',
        'containers.0.date!',
        'containers.0.pages+',
        'containers.0.url',
        'containers.1.title',
        'containers.1.url',
        'accessed',
        'language',
        'annotation',
    ],
    rank: 6,
    hint: 'printed, or on the paper’s own site',
    inNewspaper: true,
);
