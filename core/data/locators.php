<?php

declare(strict_types=1);

// Kinds of places in a source that a citation in the text may point to, in the order of the form, with each style's word
// for one such place and for several. A style without a word prints the number alone. `form` is what the form
// calls it, and an example, where the word itself and "2" will not do.
return [
    'page' => ['apa' => ['p.', 'pp.'], 'form' => ['Page', '15 or 15-17']],
    'paragraph' => ['mla' => ['par.', 'pars.'], 'apa' => ['para.', 'paras.']],
    'chapter' => ['mla' => ['ch.', 'chs.'], 'apa' => ['Chapter', 'Chapters']],
    'section' => ['mla' => ['sec.', 'secs.'], 'apa' => ['Section', 'Sections']],
    'heading' => ['mla' => ['sec. “%s”', 'sec. “%s”'], 'apa' => ['%s section', '%s section'], 'form' => ['Heading', 'Results']],
    'part' => ['mla' => ['pt.', 'pts.'], 'apa' => ['Part', 'Parts']],
    'volume' => ['mla' => ['vol.', 'vols.'], 'apa' => ['Vol.', 'Vols.']],
    'line' => ['mla' => ['line', 'lines'], 'apa' => ['line', 'lines']],
    'verse' => ['form' => ['Verse', 'Gulls 1.3']],
    'act' => ['mla' => ['act', 'act'], 'apa' => ['Act', 'Act'], 'form' => ['Act, scene, line', '3.1.45']],
    'scene' => ['mla' => ['scene', 'scene'], 'apa' => ['Scene', 'Scene']],
    'time' => ['form' => ['Time', '1:20']],
    'slide' => ['mla' => ['slide', 'slides'], 'apa' => ['Slide', 'Slides']],
    'figure' => ['mla' => ['fig.', 'figs.'], 'apa' => ['Figure', 'Figures']],
    'table' => ['mla' => ['table', 'tables'], 'apa' => ['Table', 'Tables']],
];
