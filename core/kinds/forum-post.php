<?php

declare(strict_types=1);

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kind;

return new Kind(
    id: 'forum-post',
    label: 'Forum post or comment',
    group: 'Web',
    searchTerms: 'forum,comment,thread,reply,discussion,message board,question and answer site,review by a user,'
        .'user review',
    csl: 'post',
    bibtex: 'online',
    ris: 'ELEC',
    containment: Containment::OnSite,
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
    bracketDescription: 'Online forum post',
    formerBracketDescription: 'Online forum comment',
    isMessage: true,
    word: 'forum post',
    words: 'forum posts',
);
