<?php

declare(strict_types=1);

// Words by which the citations of a draft are told from everything else that stands in it. Lists of single words are in
// small letters; the others are pieces of patterns.
return [
    // What leads to a citation inside its parentheses.
    'signals' => ['see also', 'see', 'cf\.', 'e\.g\.,?', 'for example,?', 'for instance,?', 'compare', 'also', 'but see', 'according to'],
    // Whoever is named after these passes on somebody else's words.
    'passing on' => ['qtd\. in', 'quoted in', 'as quoted in', 'as cited in', 'cited in', 'qtd in'],
    // What says that nobody else can look the source up.
    'personal' => ['personal communication', 'pers\. comm\.', 'personal interview'],
    // Whoever is named before these has others with them.
    'others' => ['et\.?\s*al\b\.?', 'and\s+(?:others|colleagues|co-?workers|coauthors)'],
    // What stands in small letters before a family name; in a draft some write it large.
    'particles' => [
        'van', 'von', 'de', 'del', 'della', 'der', 'den', 'ten', 'da', 'dos', 'du', 'la', 'le', 'bin', 'ibn', 'al',
    ],
    // What else stands in small letters in names and titles.
    'small' => [
        'of', 'the', 'and', 'for', 'in', 'on', 'at', 'to', 'a', 'an', 'by', 'from', 'with', 'as', 'under', 'over',
        'into', '&', 'et\.?', 'al\.?,?', 'others', 'colleagues', 'di', 'do', 'ter', 'zu', 'el', 'y', 'und', 'or',
        'its', 'their', 'his', 'her', 'our', 'is', 'are', 'was', 'vs?\.',
    ],
    // What ends with a full stop in the middle of a sentence.
    'abbreviations' => [
        'al', 'Dr', 'Mr', 'Mrs', 'Ms', 'Prof', 'St', 'vs', 'cf', 'e\.g', 'i\.e', 'etc', 'ca', 'no', 'No', 'vol',
        'p', 'pp', 'par', 'para', 'qtd', 'ed', 'eds', 'Jr', 'Sr', 'n\.d', 'U\.S', 'approx', 'fig', 'Fig', 'ch',
    ],
    // What begins like a name in parentheses and is none.
    'no names' => [
        'figure', 'fig', 'table', 'tables', 'figures', 'chapter', 'section', 'part', 'appendix', 'act', 'scene', 'see', 'note',
        'notes', 'equation', 'eq', 'step', 'phase', 'group', 'day', 'week', 'year', 'page', 'pages', 'level', 'grade', 'room',
        'room', 'unit', 'version', 'world', 'photo', 'image', 'map', 'illustration', 'copyright', 'population', 'born', 'died',
        'age', 'aged', 'circa', 'ca', 'about', 'around', 'since', 'until', 'before', 'after', 'from', 'between', 'during', 'in',
        'on', 'at', 'by', 'for', 'with', 'the', 'a', 'an', 'and', 'or', 'but', 'not', 'no', 'yes', 'all', 'both', 'one', 'two',
        'three', 'i', 'we', 'he', 'she', 'it', 'they', 'you', 'who', 'which', 'that', 'this', 'these', 'those', 'if', 'as',
        'model', 'question', 'item', 'line', 'lines', 'stage', 'experiment', 'study', 'hypothesis', 'january', 'february',
        'march', 'april', 'may', 'june', 'july', 'august', 'september', 'october', 'november', 'december', 'monday',
        'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday', 'spring', 'summer', 'fall', 'autumn', 'winter',
        'class', 'flight', 'highway', 'route', 'volume', 'issue', 'number', 'bc', 'ad', 'bce', 'ce', 'mr', 'mrs', 'ms', 'dr',
    ],
    // What opens a sentence with a capital before somebody's name.
    'openings' => [
        'according', 'again', 'also', 'although', 'are', 'because', 'both', 'but', 'can', 'could', 'despite', 'did', 'do', 'does',
        'earlier', 'even', 'everybody', 'everyone', 'few', 'finally', 'first', 'had', 'has', 'have', 'her', 'here', 'his', 'how',
        'however', 'if', 'indeed', 'instead', 'is', 'its', 'later', 'like', 'many', 'moreover', 'most', 'my', 'neither',
        'nobody', 'nor', 'nothing', 'of', 'once', 'only', 'other', 'others', 'our', 'perhaps', 'second', 'several', 'should',
        'similarly', 'since', 'so', 'some', 'somebody', 'still', 'their', 'then', 'there', 'thus', 'to', 'today', 'together',
        'unless', 'unlike', 'was', 'were', 'what', 'when', 'where', 'whereas', 'whether', 'while', 'why', 'would', 'yet', 'your',
    ],
    // What a sentence says of somebody it cites.
    'verbs' => [
        'acknowledge', 'add', 'address', 'admit', 'advise', 'advocate', 'affirm', 'agree', 'allege', 'analyze', 'analyse',
        'answer', 'argue', 'ask', 'assert', 'assume', 'believe', 'blame', 'call', 'caution', 'challenge', 'claim', 'comment',
        'compare', 'complain', 'concede', 'conclude', 'confirm', 'consider', 'contend', 'count', 'criticize', 'define',
        'demonstrate', 'deny', 'describe', 'discover', 'discuss', 'dispute', 'document', 'doubt', 'emphasize', 'estimate',
        'examine', 'explain', 'explore', 'express', 'find', 'focus', 'hold', 'identify', 'illustrate', 'imply', 'indicate',
        'insist', 'interpret', 'introduce', 'investigate', 'list', 'maintain', 'measure', 'mention', 'note', 'object',
        'observe', 'offer', 'point', 'predict', 'present', 'propose', 'prove', 'quote', 'recall', 'recommend', 'refer',
        'refute', 'reject', 'remark', 'remind', 'report', 'respond', 'reveal', 'review', 'say', 'see', 'show', 'speculate',
        'state', 'stress', 'study', 'suggest', 'support', 'survey', 'think', 'trace', 'track', 'urge', 'use', 'warn', 'wonder',
        'write', 'question', 'record', 'give', 'make', 'use', 'test', 'concern', 'cite', 'credit', 'suspect', 'worry',
    ],
    // Their past where it is not made with -ed.
    'past' => [
        'found', 'held', 'said', 'saw', 'shown', 'thought', 'wrote', 'written', 'gave', 'given', 'made', 'told', 'took', 'drew',
        'put', 'saw', 'began', 'meant', 'kept', 'left', 'led', 'read', 'spoke', 'understood',
    ],
    // After these a name with a year is somebody who is cited.
    'before names' => [
        'according to', 'by', 'following', 'such as', 'like', 'see', 'unlike', 'contrary to',
        '(?:account|analysis|argument|claims?|conclusions?|count|criticism|definition|estimates?|experiments?|findings?|ideas?'
            .'|measurements?|method|model|observations?|reports?|research|results?|review|study|studies|survey|theory|thesis|views?'
            .'|words?|work|writings?) (?:of|by|from)',
    ],
    // Words by which a place in a source is named, as students write them, and which place each means.
    'places' => [
        'page' => ['pp', 'p', 'pgs', 'pg', 'pages', 'page'],
        'paragraph' => ['paragraphs', 'paragraph', 'paras', 'para', 'pars', 'par'],
        'chapter' => ['chapters', 'chapter', 'chaps', 'chap', 'chs', 'ch'],
        'section' => ['sections', 'section', 'secs', 'sec', 'sect'],
        'part' => ['parts', 'part', 'pts', 'pt'],
        'volume' => ['volumes', 'volume', 'vols', 'vol'],
        'line' => ['lines', 'line', 'll'],
        'verse' => ['verses', 'verse', 'vv', 'v'],
        'act' => ['acts', 'act'],
        'scene' => ['scenes', 'scene'],
        'time' => ['timestamp', 'time'],
        'slide' => ['slides', 'slide'],
        'figure' => ['figures', 'figure', 'figs', 'fig'],
        'table' => ['tables', 'table'],
        'stanza' => ['stanzas', 'stanza', 'st', 'canto', 'cantos', 'book', 'bk'],
        'note' => ['note', 'n'],
    ],
    // Headings of a list of sources.
    'list headings' => [
        'works cited', 'work cited', 'works consulted', 'references', 'reference', 'reference list', 'list of references',
        'bibliography', 'annotated bibliography', 'works cited page', 'list of works cited', 'sources', 'sources cited',
        'literature cited', 'selected bibliography', 'citations', 'cited works', 'reference page', 'references cited',
    ],
    // Headings of what may follow a list of sources.
    'after the list' => [
        'appendix', 'appendices', 'appendix [a-z0-9]+', 'acknowledgments?', 'acknowledgements?', 'notes?', 'endnotes', 'footnotes',
        'tables?', 'figures?', 'table \d+', 'figure \d+', 'glossary', 'index', 'author note', 'about the author', 'abstract',
        'supplement(?:ary materials?)?', 'exhibit [a-z0-9]+', 'survey questions?', 'interview questions?', 'data',
    ],
];
