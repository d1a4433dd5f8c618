<?php

declare(strict_types=1);

/*
 * RIS: which CSL-JSON type a reference type is, and who the tags for further authors name by type. Source: the RIS format
 * specification of 2012.
 */

return [
    'types' => [
        'ABST' => 'article-journal', 'ADVS' => 'motion_picture', 'AGGR' => 'dataset', 'ANCIENT' => 'book', 'ART' => 'graphic',
        'BILL' => 'bill', 'BLOG' => 'post-weblog', 'BOOK' => 'book', 'CASE' => 'legal_case', 'CHAP' => 'chapter',
        'CHART' => 'figure', 'CLSWK' => 'book', 'COMP' => 'software', 'CONF' => 'paper-conference', 'CPAPER' => 'paper-conference',
        'CTLG' => 'book', 'DATA' => 'dataset', 'DBASE' => 'dataset', 'DICT' => 'entry-dictionary', 'EBOOK' => 'book',
        'ECHAP' => 'chapter', 'EDBOOK' => 'book', 'EJOUR' => 'article-journal', 'ELEC' => 'webpage', 'ENCYC' => 'entry-encyclopedia',
        'EQUA' => 'figure', 'FIGURE' => 'figure', 'GEN' => 'document', 'GOVDOC' => 'report', 'GRANT' => 'document',
        'HEAR' => 'hearing', 'ICOMM' => 'webpage', 'INPR' => 'article-journal', 'INTV' => 'interview', 'JFULL' => 'periodical',
        'JOUR' => 'article-journal', 'LEGAL' => 'legislation', 'MANSCPT' => 'manuscript', 'MAP' => 'map', 'MGZN' => 'article-magazine',
        'MPCT' => 'motion_picture', 'MULTI' => 'webpage', 'MUSIC' => 'song', 'NEWS' => 'article-newspaper', 'PAMP' => 'pamphlet',
        'PAT' => 'patent', 'PCOMM' => 'personal_communication', 'PODCAST' => 'song', 'PRESS' => 'document', 'RPRT' => 'report',
        'SER' => 'book', 'SLIDE' => 'speech', 'SOUND' => 'song', 'STAND' => 'standard', 'STAT' => 'legislation', 'THES' => 'thesis',
        'UNBILL' => 'bill', 'UNPB' => 'manuscript', 'UNPD' => 'manuscript', 'VIDEO' => 'motion_picture', 'WEB' => 'webpage',
    ],
    // Genres that tell kinds apart where the type does not.
    'genres' => ['PRESS' => 'Press release', 'PODCAST' => 'podcast episode', 'BLOG' => ''],
    // A2, A3 and A4 where they are not editors, editors of a series, and translators.
    'people' => [
        'ADVS' => ['A2' => 'producer'], 'COMP' => ['A2' => 'producer'],
        'MPCT' => ['A2' => 'director', 'A3' => 'producer', 'A4' => 'performer'],
        'VIDEO' => ['A2' => 'director', 'A3' => 'producer', 'A4' => 'performer'],
        'THES' => ['A2' => 'contributor', 'A3' => 'contributor'], 'PCOMM' => ['A2' => 'recipient'],
        'RPRT' => ['A3' => 'editor'], 'PAT' => ['A2' => 'contributor'],
        'MUSIC' => ['A2' => 'editor', 'A4' => 'producer'], 'SOUND' => ['A2' => 'performer'],
    ],
    // What the tags for a type's own particulars hold.
    'custom' => [
        'BOOK' => ['C4' => 'reviewed-author'], 'CONF' => ['C1' => 'event-place', 'C3' => 'event-title'],
        'CPAPER' => ['C1' => 'event-place', 'C3' => 'event-title'],
        'CHAP' => ['C1' => 'section'],
        'NEWS' => ['C1' => 'section'], 'RPRT' => ['C6' => 'number'],
    ],
];
