<?php

declare(strict_types=1);

// What somebody did for a source, in the words of the forms and of the styles. Where there are two words, the first is
// for one person and the second for several.
//
// label     in the form
// lead      MLA, after the name at the head of an entry: "editor"
// deed      MLA, next to another deed: "edited and translated by"
// by        MLA, before a name inside an entry
// lead7     MLA's 7th edition, after the name at the head
// by7       MLA's 7th edition, before a name inside an entry
// apaLead   APA, in parentheses after the names at the head
// apaAfter  APA, in the parentheses after a title
return [
    'author' => [
        'label' => 'Author',
        'by' => ['by', 'by'],
    ],
    'artist' => [
        'label' => 'Artist',
        'by' => ['by', 'by'],
    ],
    'photographer' => [
        'label' => 'Photographer',
        'by' => ['by', 'by'],
    ],
    'composer' => [
        'label' => 'Composer',
        'deed' => 'composed',
        'by' => ['composed by', 'composed by'],
    ],
    'performer' => [
        'label' => 'Performer',
        'by' => ['performance by', 'performances by'],
        'by7' => 'Perf.',
    ],
    'speaker' => [
        'label' => 'Speaker',
        'by' => ['by', 'by'],
    ],
    'interviewee' => [
        'label' => 'Interviewee',
        'by' => ['by', 'by'],
    ],
    'interviewer' => [
        'label' => 'Interviewer',
        'by' => ['conducted by', 'conducted by'],
        'by7' => 'Cond.',
    ],
    'recipient' => [
        'label' => 'Recipient',
        'by' => ['received by', 'received by'],
    ],
    'editor' => [
        'label' => 'Editor',
        'lead' => ['editor', 'editors'],
        'deed' => 'edited',
        'by' => ['edited by', 'edited by'],
        'lead7' => ['ed.', 'eds.'],
        'by7' => 'Ed.',
        'apaLead' => ['Ed.', 'Eds.'],
        'apaAfter' => ['Ed.', 'Eds.'],
    ],
    'translator' => [
        'label' => 'Translator',
        'lead' => ['translator', 'translators'],
        'deed' => 'translated',
        'by' => ['translated by', 'translated by'],
        'lead7' => ['trans.', 'trans.'],
        'by7' => 'Trans.',
        'apaLead' => ['Trans.', 'Trans.'],
        'apaAfter' => ['Trans.', 'Trans.'],
    ],
    'compiler' => [
        'label' => 'Compiler',
        'lead' => ['compiler', 'compilers'],
        'deed' => 'compiled',
        'by' => ['compiled by', 'compiled by'],
        'lead7' => ['comp.', 'comps.'],
        'by7' => 'Comp.',
        'apaLead' => ['Comp.', 'Comps.'],
    ],
    'illustrator' => [
        'label' => 'Illustrator',
        'lead' => ['illustrator', 'illustrators'],
        'deed' => 'illustrated',
        'by' => ['illustrated by', 'illustrated by'],
        'by7' => 'Illus.',
        'apaAfter' => ['Illus.', 'Illus.'],
    ],
    'introduction' => [
        'label' => 'Wrote the introduction',
        'by' => ['introduction by', 'introduction by'],
        'by7' => 'Introd.',
    ],
    'foreword' => [
        'label' => 'Wrote the foreword',
        'by' => ['foreword by', 'foreword by'],
        'by7' => 'Foreword by',
    ],
    'afterword' => [
        'label' => 'Wrote the afterword',
        'by' => ['afterword by', 'afterword by'],
        'by7' => 'Afterword by',
    ],
    'director' => [
        'label' => 'Director',
        'lead' => ['director', 'directors'],
        'deed' => 'directed',
        'by' => ['directed by', 'directed by'],
        'lead7' => ['dir.', 'dir.'],
        'by7' => 'Dir.',
        'apaLead' => ['Director', 'Directors'],
    ],
    'writer' => [
        'label' => 'Writer',
        'lead' => ['writer', 'writers'],
        'deed' => 'written',
        'by' => ['screenplay by', 'screenplay by'],
        'by7' => 'Screenplay by',
        'apaLead' => ['Writer', 'Writers'],
    ],
    'producer' => [
        'label' => 'Producer',
        'lead' => ['producer', 'producers'],
        'deed' => 'produced',
        'by' => ['produced by', 'produced by'],
        'by7' => 'Prod.',
        'apaLead' => ['Producer', 'Producers'],
    ],
    'executive-producer' => [
        'label' => 'Executive producer',
        'lead' => ['executive producer', 'executive producers'],
        'by' => ['executive producer,', 'executive producers,'],
        'apaLead' => ['Executive Producer', 'Executive Producers'],
    ],
    'host' => [
        'label' => 'Host',
        'lead' => ['host', 'hosts'],
        'by' => ['hosted by', 'hosted by'],
        'by7' => 'Host',
        'apaLead' => ['Host', 'Hosts'],
    ],
    'narrator' => [
        'label' => 'Narrator',
        'lead' => ['narrator', 'narrators'],
        'deed' => 'narrated',
        'by' => ['narrated by', 'narrated by'],
        'by7' => 'Narr.',
        'apaLead' => ['Narr.', 'Narr.'],
        'apaAfter' => ['Narr.', 'Narr.'],
    ],
    'conductor' => [
        'label' => 'Conductor',
        'lead' => ['conductor', 'conductors'],
        'deed' => 'conducted',
        'by' => ['conducted by', 'conducted by'],
        'by7' => 'Cond.',
    ],
    'uploader' => [
        'label' => 'Uploaded by',
        'by' => ['uploaded by', 'uploaded by'],
    ],
    'reviewed-author' => [
        'label' => 'Author of the work reviewed',
        'by' => ['by', 'by'],
    ],
    'inventor' => [
        'label' => 'Inventor',
        'by' => ['by', 'by'],
    ],
    'curator' => [
        'label' => 'Curator',
        'lead' => ['curator', 'curators'],
        'by' => ['curated by', 'curated by'],
    ],
    'creator' => [
        'label' => 'Creator',
        'deed' => 'created',
        'by' => ['created by', 'created by'],
    ],
];
