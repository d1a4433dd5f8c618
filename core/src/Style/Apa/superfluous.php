<?php

declare(strict_types=1);

// What citations from elsewhere have and APA does not print: a pattern for the words, and why.
return [
    '/^(?:Retrieved|Available) (?:from|at):?(?:\s+(?:https?:|www\.|doi:)\S+)?$/iu' => 'APA puts no words before an address, '
        .'unless the page is made to change.',
    '/^(?:pp?|pgs?|pages?)\.?$/iu' => 'Before the pages of a periodical APA puts no “pp.”.',
    '/^(?:vol|no|issue)\.?$/iu' => 'APA writes volume and issue as numbers alone: 7(1).',
];
