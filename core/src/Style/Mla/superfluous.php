<?php

declare(strict_types=1);

// What citations from elsewhere have and MLA does not print: a pattern for the words, and why.
return [
    '/^(?:Print|Web|DVD|Film)\.?$/iu' => 'MLA has not named the medium since its 8th edition.',
    '/^(?:n\.\s?p\.|n\.\s?d\.|n\. pag\.),?$/iu' => 'What a source does not have is passed over in silence since MLA’s 8th '
        .'edition.',
];
