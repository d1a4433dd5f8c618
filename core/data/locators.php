<?php

declare(strict_types=1);

// Kinds of places in a source that a citation in the text may point to, in the order of the form, with each style's word
// for one such place and for several. A style without a word prints the number alone.
return [
    'page' => ['apa' => ['p.', 'pp.']],
    'paragraph' => ['mla' => ['par.', 'pars.'], 'apa' => ['para.', 'paras.']],
    'chapter' => ['mla' => ['ch.', 'chs.'], 'apa' => ['Chapter', 'Chapters']],
    'section' => ['mla' => ['sec.', 'secs.'], 'apa' => ['Section', 'Sections']],
    'heading' => ['mla' => ['sec. “%s”', 'sec. “%s”'], 'apa' => ['%s section', '%s section']],
    'part' => ['mla' => ['pt.', 'pts.'], 'apa' => ['Part', 'Parts']],
    'volume' => ['mla' => ['vol.', 'vols.'], 'apa' => ['Vol.', 'Vols.']],
    'line' => ['mla' => ['line', 'lines'], 'apa' => ['line', 'lines']],
    'verse' => [],
    'act' => ['mla' => ['act', 'act'], 'apa' => ['Act', 'Act']],
    'scene' => ['mla' => ['scene', 'scene'], 'apa' => ['Scene', 'Scene']],
    'time' => [],
    'slide' => ['mla' => ['slide', 'slides'], 'apa' => ['Slide', 'Slides']],
    'figure' => ['mla' => ['fig.', 'figs.'], 'apa' => ['Figure', 'Figures']],
    'table' => ['mla' => ['table', 'tables'], 'apa' => ['Table', 'Tables']],
];
