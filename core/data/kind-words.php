<?php

declare(strict_types=1);

// Words that name a format, a device or a habit and no kind of source: what each says of itself, and the kinds it usually is,
// the commonest first. Several words for one thing are parted by commas.
$format = 'is how it is stored. What is it that you read?';

return [
    'pdf,pdf file,file,document,download,scan,photocopy' => [
        'A file '.$format,
        ['report', 'journal-article', 'chapter', 'book', 'class-notes', 'government-document'],
    ],
    'link,url,address,internet,online,web,site' => [
        'An address leads to it. What stands there?',
        ['web-page', 'online-article', 'website', 'online-video', 'blog-post'],
    ],
    'app,mobile app' => [
        'The app itself, or something you saw in it?',
        ['app', 'software', 'social-post', 'online-video', 'online-article', 'video-game'],
    ],
    'screenshot,screen shot,capture' => [
        'A screenshot shows something else, and that is the source.',
        ['web-page', 'social-post', 'online-video', 'video-game', 'illustration'],
    ],
    'quote,quotation,citation,passage,excerpt' => [
        'A quotation stands in something. Where did you read it?',
        ['book', 'chapter', 'web-page', 'lecture', 'scripture'],
    ],
    'survey,poll,questionnaire,experiment' => [
        'Did you read its results, use its numbers, or ask the questions yourself?',
        ['report', 'data-set', 'interview-own', 'journal-article'],
    ],
    'story' => [
        'A story in a book, or one in the news?',
        ['chapter', 'online-article', 'newspaper-article', 'social-post'],
    ],
    'reel,short,shorts,stream,livestream,live stream' => [
        'Moving pictures somebody put up.',
        ['online-video', 'social-post', 'tv-episode', 'film'],
    ],
    'ai,artificial intelligence' => [
        'Words from such a tool, or a picture?',
        ['ai-text', 'ai-image'],
    ],
    'database,library database,archive database' => [
        'A database is where you found it. What is it that you read?',
        ['journal-article', 'newspaper-article', 'magazine-article', 'online-reference', 'report'],
    ],
    'library,school library' => [
        'The library is where you got it. What have you got from there?',
        ['book', 'reference-entry', 'magazine-article', 'archive-item', 'film'],
    ],
    'phone,tablet,laptop,computer,e-reader' => [
        'That is what you used it on. What did you read, watch or hear?',
        ['web-page', 'online-video', 'app', 'ebook', 'social-post'],
    ],
    'dvd,cd,disc,tape,record,cassette,vinyl' => [
        'What is on it?',
        ['film', 'album', 'song', 'tv-series', 'audiobook', 'software'],
    ],
    'class,lesson,teacher,school,course' => [
        'What your teacher said, or what was handed out?',
        ['class-notes', 'lecture', 'slides', 'student-paper'],
    ],
    'homework,assignment,essay,paper' => [
        'Published, or written by a student?',
        ['chapter', 'journal-article', 'student-paper', 'online-article', 'report'],
    ],
    'search,search engine,search result,image search,picture search' => [
        'A search finds the source and is never the source. Open the result: what is it?',
        ['web-page', 'photograph', 'online-article', 'illustration'],
    ],
    'friend,family,grandmother,grandfather,conversation,call,phone call' => [
        'Did you ask them questions, or did they write to you?',
        ['interview-own', 'email'],
    ],
    'quiz,game' => [
        'A game one plays on a screen, or a page with questions?',
        ['video-game', 'app', 'web-page'],
    ],
    'recipe,how-to,tutorial,guide,instructions,manual' => [
        'On a page, in a book, or in a video?',
        ['web-page', 'online-video', 'book', 'blog-post', 'pamphlet'],
    ],
];
