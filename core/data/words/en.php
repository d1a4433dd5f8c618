<?php

declare(strict_types=1);

// English words. What each list is for is said in core/src/Text/Vocabulary.php; where a word has a "?" or brackets, it is
// a piece of a pattern.
return [
    'months' => [
        ['January', 'Jan'], ['February', 'Feb'], ['March', 'Mar'], ['April', 'Apr'], ['May'], ['June', 'Jun'],
        ['July', 'Jul'], ['August', 'Aug'], ['September', 'Sept', 'Sep'], ['October', 'Oct'], ['November', 'Nov'],
        ['December', 'Dec'],
    ],
    'seasons' => [['Spring'], ['Summer'], ['Fall', 'Autumn'], ['Winter']],
    'weekdays' => ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'],
    'articles' => ['a', 'an', 'the'],
    'particles' => ['st.'],
    'by' => ['by'],
    'and' => ['and', 'with'],
    'organisations' => [
        'academy', 'administration', 'agency', 'alliance', 'archives?', 'association', 'authority', 'board', 'bureau',
        'center', 'centre', 'charity', 'club', 'college', 'commission', 'committee', 'company', 'conservancy', 'consortium',
        'cooperative', 'corporation', 'corps', 'council', 'department', 'desk', 'directorate', 'editors', 'federation',
        'foundation', 'fund', 'group', 'guild', 'hospital', 'inc', 'initiative', 'institute', 'institution', 'laboratory',
        'league', 'library', 'limited', 'llc', 'ltd', 'ministry', 'museum', 'network', 'news', 'newsroom', 'office',
        'organi[sz]ation', 'partners', 'partnership', 'press', 'program', 'programme', 'project', 'school', 'schools',
        'service', 'services', 'society', 'staff', 'studio', 'studios', 'survey', 'team', 'trust', 'union', 'university',
        'working group',
    ],
    'institutions' => [
        'institut\w*', 'universit\w*', 'societ\w*', 'association', 'museum', 'council', 'cent(?:er|re)', 'college', 'school',
        'trust', 'committee', 'department', 'office', 'foundation', 'library', 'group', 'network', 'campaign', 'friends',
        'ministry',
    ],
    'houses' => ['press', 'books', 'publish\w*', 'editions?', 'house', 'institut\w*'],
    'jobs' => [
        'editors?', 'reporters?', 'correspondents?', 'writers?', 'columnists?', 'journalists?', 'directors?', 'managers?',
        'officers?', 'professors?', 'lecturers?', 'researchers?', 'curators?', 'students?', 'contributors?', 'historians?',
        'ecologists?', 'archivists?', 'librarians?', 'scientists?', 'president', 'chair', 'staff',
    ],
    'ranks' => [
        'senior', 'staff', 'chief', 'deputy', 'managing', 'executive', 'associate', 'contributing', 'national', 'special',
        'assistant', 'news', 'science', 'guest',
    ],
    'theses' => [
        'Master’s thesis' => 'M\.?\s?A\.?|M\.?\s?Sc\.?|M\.?\s?S\.?|M\.?\s?Ed\.?|M\.?\s?Phil\.?|M\.?\s?F\.?A\.?|M\.?Eng\.?|MBA|MPH|LL\.?M\.?|masters?',
        'Doctoral dissertation' => 'Ph\.?\s?D\.?|D\.?Phil\.?|Ed\.?D\.?|Psy\.?D\.?|Dr\.?|doctoral|doctorate|doctor',
        'Bachelor’s thesis' => 'B\.?\s?A\.?|B\.?\s?Sc\.?|B\.?\s?S\.?|bachelors?',
    ],
    'degrees' => [
        'Ph\.?D', 'M\.?D', 'M\.?A', 'B\.?A', 'M\.?Sc', 'B\.?Sc', 'J\.?D', 'LL\.?M', 'MBA', 'MFA', 'MPH', 'RN', 'FRS',
    ],
    'honorifics' => ['dr', 'prof', 'professor', 'mr', 'mrs', 'ms', 'miss', 'sir', 'rev'],
    'printed' => [
        'mla' => ['Jan.', 'Feb.', 'Mar.', 'Apr.', 'May', 'June', 'July', 'Aug.', 'Sept.', 'Oct.', 'Nov.', 'Dec.'],
    ],
    'deeds' => [
        'editor' => ['(?<!-)edit(?:ed|ors?)', 'eds?\.'],
        'translator' => ['translat', 'tr\. by'],
        'illustrator' => ['illustrat', 'illus\.', 'drawings?', 'pictures by', 'paintings by'],
        'compiler' => ['compil', 'collected by', 'selected by'],
        'introduction' => ['introduc', 'introd\.'],
        // A preface has no role of its own; a foreword is the nearest.
        'foreword' => ['foreword', 'preface'],
        'afterword' => ['afterword'],
        'director' => ['directed', 'director', 'a film by'],
        'producer' => ['produced', 'producer'],
        'narrator' => ['read by', 'narrat'],
    ],
    'academicHouses' => ['university (?:of [\p{L}’ -]+ )?press', 'UP', 'University P', 'U of [\p{L}’ -]+ P', 'scholarly', 'academic'],
];
