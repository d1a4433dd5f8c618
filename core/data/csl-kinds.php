<?php

declare(strict_types=1);

// Which kind of source an item of a CSL-JSON type is: the first rule that holds. `says` is a pattern for its genre and
// medium in small letters, `has` the variables that are filled in, `hasNo` those that are not.
return [
    'article' => [['kind' => 'preprint']],
    'article-journal' => [['kind' => 'journal-article']],
    'article-magazine' => [['kind' => 'magazine-article']],
    'article-newspaper' => [
        ['says' => 'editorial\b', 'kind' => 'editorial'],
        ['says' => 'letter to the editor', 'kind' => 'reader-letter'],
        ['kind' => 'newspaper-article'],
    ],
    'bill' => [['kind' => 'statute']],
    'book' => [
        ['says' => 'audio ?book', 'kind' => 'audiobook'],
        ['says' => 'e-?book', 'kind' => 'ebook'],
        ['says' => 'graphic novel', 'kind' => 'graphic-novel'],
        ['kind' => 'book'],
    ],
    'broadcast' => [
        ['says' => 'podcast', 'has' => ['container-title'], 'kind' => 'podcast-episode'],
        ['says' => 'podcast', 'kind' => 'podcast-series'],
        ['says' => 'radio', 'kind' => 'radio-episode'],
        ['has' => ['container-title'], 'kind' => 'tv-episode'],
        ['kind' => 'tv-series'],
    ],
    'chapter' => [['kind' => 'chapter']],
    'classic' => [['kind' => 'book']],
    'collection' => [['kind' => 'archive-item']],
    'dataset' => [['kind' => 'data-set']],
    'document' => [
        ['says' => 'press release', 'kind' => 'press-release'],
        ['says' => 'handout|class notes|worksheet', 'kind' => 'class-notes'],
    ],
    'entry' => [
        ['has' => ['URL'], 'hasNo' => ['page'], 'kind' => 'online-reference'],
        ['kind' => 'reference-entry'],
    ],
    'entry-dictionary' => [
        ['has' => ['URL'], 'hasNo' => ['page'], 'kind' => 'online-reference'],
        ['kind' => 'reference-entry'],
    ],
    'entry-encyclopedia' => [
        ['has' => ['URL'], 'hasNo' => ['page'], 'kind' => 'online-reference'],
        ['kind' => 'reference-entry'],
    ],
    'event' => [['kind' => 'exhibition']],
    'figure' => [['kind' => 'illustration']],
    'graphic' => [
        ['says' => '\bai\b|generated', 'has' => ['container-title'], 'kind' => 'ai-image'],
        ['says' => 'photo', 'kind' => 'photograph'],
        ['says' => 'infographic|chart|illustration|diagram', 'kind' => 'illustration'],
        ['says' => 'cartoon|comic', 'kind' => 'cartoon'],
        ['says' => 'advert', 'kind' => 'advertisement'],
        ['says' => '^map\b', 'kind' => 'map'],
        ['kind' => 'artwork'],
    ],
    'hearing' => [['kind' => 'statute']],
    'interview' => [
        ['has' => ['container-title'], 'kind' => 'published-interview'],
        ['kind' => 'interview-own'],
    ],
    'legal_case' => [['kind' => 'court-case']],
    'legislation' => [['kind' => 'statute']],
    'manuscript' => [
        ['says' => '(?:student|course|term|class) paper|essay|coursework', 'kind' => 'student-paper'],
        ['kind' => 'archive-item'],
    ],
    'map' => [['kind' => 'map']],
    'motion_picture' => [
        ['has' => ['container-title', 'URL'], 'kind' => 'online-video'],
        ['kind' => 'film'],
    ],
    'musical_score' => [['kind' => 'book']],
    'pamphlet' => [['kind' => 'pamphlet']],
    'paper-conference' => [['kind' => 'conference-paper']],
    'patent' => [['kind' => 'patent']],
    'performance' => [['kind' => 'live-performance']],
    'periodical' => [['has' => ['container-title'], 'kind' => 'special-issue']],
    'personal_communication' => [['kind' => 'email']],
    'post' => [
        ['says' => 'forum|comment|thread', 'kind' => 'forum-post'],
        ['kind' => 'social-post'],
    ],
    'post-weblog' => [['kind' => 'blog-post']],
    'regulation' => [['kind' => 'statute']],
    'report' => [['kind' => 'report']],
    'review' => [['kind' => 'review']],
    'review-book' => [['kind' => 'review']],
    'software' => [
        ['says' => 'video ?game', 'kind' => 'video-game'],
        ['says' => '\bapp\b', 'kind' => 'app'],
        ['says' => 'language model|\bai\b|chatbot', 'has' => ['container-title'], 'kind' => 'ai-text'],
        ['kind' => 'software'],
    ],
    'song' => [
        ['says' => 'podcast', 'has' => ['container-title'], 'kind' => 'podcast-episode'],
        ['says' => 'podcast', 'kind' => 'podcast-series'],
        ['says' => '\balbum', 'kind' => 'album'],
        ['kind' => 'song'],
    ],
    'speech' => [
        ['says' => 'slides', 'kind' => 'slides'],
        ['says' => 'poster|session|conference presentation|paper presentation', 'kind' => 'poster'],
        ['kind' => 'lecture'],
    ],
    'standard' => [['kind' => 'standard']],
    'thesis' => [['kind' => 'thesis']],
    'treaty' => [['kind' => 'statute']],
    'webpage' => [
        ['says' => 'press release', 'kind' => 'press-release'],
        ['kind' => 'web-page'],
    ],
];
