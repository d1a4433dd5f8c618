<?php

declare(strict_types=1);

// The bibliography part of OOXML (ECMA-376, part 1, 22.6): its types of sources by those of CSL-JSON, its roles and its
// elements by the keys of CSL-JSON; the first key that has a value is written.
return [
    'types' => [
        'book' => 'Book', 'chapter' => 'BookSection', 'entry-dictionary' => 'BookSection',
        'entry-encyclopedia' => 'BookSection', 'article-journal' => 'JournalArticle',
        'article-magazine' => 'ArticleInAPeriodical', 'article-newspaper' => 'ArticleInAPeriodical',
        'paper-conference' => 'ConferenceProceedings', 'report' => 'Report', 'thesis' => 'Report',
        'webpage' => 'InternetSite', 'post-weblog' => 'DocumentFromInternetSite', 'post' => 'InternetSite',
        'motion_picture' => 'Film', 'broadcast' => 'Film', 'song' => 'SoundRecording', 'performance' => 'Performance',
        'graphic' => 'Art', 'interview' => 'Interview', 'patent' => 'Patent', 'legal_case' => 'Case',
        'software' => 'ElectronicSource', 'dataset' => 'ElectronicSource',
    ],
    'people' => [
        'author' => 'Author', 'container-author' => 'BookAuthor', 'editor' => 'Editor', 'translator' => 'Translator',
        'director' => 'Director', 'performer' => 'Performer', 'composer' => 'Composer', 'interviewer' => 'Interviewer',
    ],
    'fields' => [
        'Title' => ['title'], 'BookTitle' => ['container-title'], 'JournalName' => ['container-title'],
        'PeriodicalTitle' => ['container-title'], 'InternetSiteTitle' => ['container-title'], 'Volume' => ['volume'],
        'Issue' => ['issue'], 'Pages' => ['page'], 'Edition' => ['edition'], 'City' => ['publisher-place'],
        'Publisher' => ['publisher'], 'Medium' => ['medium'], 'StandardNumber' => ['ISBN', 'ISSN'], 'URL' => ['URL'],
        'DOI' => ['DOI'],
    ],
];
