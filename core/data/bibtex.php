<?php

declare(strict_types=1);

/*
 * BibTeX and BibLaTeX: which CSL-JSON type an entry type is, which variable a field is, and what keys in `type` and
 * `editortype` stand for. Sources: the BibTeX manual; the BibLaTeX manual, ch. 2.
 */

return [
    'types' => [
        'article' => 'article-journal', 'book' => 'book', 'mvbook' => 'book', 'booklet' => 'pamphlet', 'collection' => 'book',
        'mvcollection' => 'book', 'reference' => 'book', 'mvreference' => 'book', 'proceedings' => 'book',
        'mvproceedings' => 'book', 'periodical' => 'book', 'inbook' => 'chapter', 'bookinbook' => 'chapter',
        'suppbook' => 'chapter', 'incollection' => 'chapter', 'suppcollection' => 'chapter',
        'suppperiodical' => 'article-journal', 'inreference' => 'entry-encyclopedia', 'inproceedings' => 'paper-conference',
        'conference' => 'paper-conference', 'manual' => 'report', 'mastersthesis' => 'thesis', 'phdthesis' => 'thesis',
        'thesis' => 'thesis', 'techreport' => 'report', 'report' => 'report', 'unpublished' => 'manuscript',
        'online' => 'webpage', 'electronic' => 'webpage', 'www' => 'webpage', 'misc' => 'document', 'dataset' => 'dataset',
        'software' => 'software', 'video' => 'motion_picture', 'movie' => 'motion_picture', 'patent' => 'patent',
        'artwork' => 'graphic', 'image' => 'graphic', 'audio' => 'song', 'music' => 'song', 'performance' => 'speech',
        'letter' => 'personal_communication', 'jurisdiction' => 'legal_case', 'legislation' => 'legislation',
        'legal' => 'legislation', 'review' => 'review', 'standard' => 'standard', 'commentary' => 'document',
    ],
    'fields' => [
        'publisher' => 'publisher', 'institution' => 'publisher', 'school' => 'publisher', 'organization' => 'publisher',
        'address' => 'publisher-place', 'location' => 'publisher-place', 'volume' => 'volume', 'edition' => 'edition',
        'series' => 'collection-title', 'doi' => 'DOI', 'url' => 'URL', 'isbn' => 'ISBN', 'language' => 'language',
        'langid' => 'language', 'version' => 'version', 'pubstate' => 'status', 'shorttitle' => 'title-short',
        'annote' => 'annote', 'annotation' => 'annote', 'type' => 'genre', 'eid' => 'number', 'issn' => 'ISSN',
        'abstract' => 'abstract', 'keywords' => 'keyword', 'note' => 'note', 'volumes' => 'number-of-volumes',
        'origtitle' => 'original-title', 'origpublisher' => 'original-publisher', 'eventtitle' => 'event-title',
        'venue' => 'event-place', 'library' => 'archive', 'bookpagination' => '', 'pagination' => '', 'sortkey' => '',
        'sorttitle' => '', 'sortname' => '', 'options' => '', 'execute' => '', 'label' => '', 'gender' => '', 'hyphenation' => '',
        'indextitle' => '', 'indexsorttitle' => '',
    ],
    // People besides authors, editors and translators, by field; and what "editortype" may make of an editor.
    'people' => [
        'author' => 'author', 'editor' => 'editor', 'translator' => 'translator', 'bookauthor' => 'container-author',
        'illustrator' => 'illustrator', 'director' => 'director', 'producer' => 'producer', 'composer' => 'composer',
        'holder' => 'author',
    ],
    'roles' => [
        'editor' => 'editor', 'translator' => 'translator', 'compiler' => 'compiler', 'director' => 'director',
        'producer' => 'producer', 'illustrator' => 'illustrator', 'organizer' => 'organizer', 'collaborator' => 'contributor',
        'composer' => 'composer', 'performer' => 'performer', 'narrator' => 'narrator',
    ],
    'works' => [
        'phdthesis' => 'PhD dissertation', 'mathesis' => 'Master’s thesis', 'mastersthesis' => 'Master’s thesis',
        'bathesis' => 'Bachelor’s thesis', 'candthesis' => 'Candidate thesis', 'techreport' => 'Technical report',
        'resreport' => 'Research report', 'software' => 'Computer software', 'datacd' => 'Data CD', 'audiocd' => 'Audio CD',
    ],
    // What a child takes from its parent under another name, where its parent is the whole it is a part of.
    'inherited' => [
        'title' => 'booktitle', 'subtitle' => 'booksubtitle', 'titleaddon' => 'booktitleaddon', 'author' => 'bookauthor',
    ],
    'ofVolumes' => ['title' => 'maintitle', 'subtitle' => 'mainsubtitle', 'titleaddon' => 'maintitleaddon'],
    'neverInherited' => ['ids', 'crossref', 'xref', 'xdata', 'entryset', 'related', 'shorttitle', 'label', 'key', '_id', 'pages', 'doi', 'url'],
];
