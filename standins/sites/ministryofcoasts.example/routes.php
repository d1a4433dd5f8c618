<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A ministry's site: library metadata, long titles, dates of publication and of review side by side.
$paper = static fn (string $title, string $head, string $body): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!DOCTYPE html><html lang="en"><head><meta charset="utf-8"><title>{$title} - Northmere Ministry of Coasts</title>{$head}</head><body>
    <div class="banner">An official site of Northmere</div><header><p class="org">Northmere Ministry of Coasts</p></header>
    <main><h1>{$title}</h1>{$body}<p>This page sets out what the Ministry knows and what it will do.</p><h2>Summary</h2><p>Lamps within two hundred metres of a roost are to be shielded.</p></main>
    <footer><p>© Northmere Ministry of Coasts 2026</p></footer></body></html>
    HTML);

return [
    '/publications/shielding-lamps' => $paper('Shielding Lamps near Roosts', '<meta name="DC.title" content="Shielding Lamps near Roosts"><meta name="DC.creator" content="Office of Night Skies"><meta name="DCTERMS.issued" content="2024-05-02"><meta name="DCTERMS.modified" content="2025-01-20"><meta name="DC.publisher" content="Northmere Ministry of Coasts"><meta name="DC.identifier" content="ONS-24-07">', '<dl><dt>Published</dt><dd>2 May 2024</dd><dt>Last reviewed</dt><dd>20 January 2025</dd><dt>Reference</dt><dd>ONS-24-07</dd></dl>'),
    '/guidance/tide-gates' => $paper('Keeping a tide gate: what the law asks', '', '<p class="dates">Published 11 March 2022. Last updated 4 August 2023.</p>'),
    '/statistics/harbour-lights' => $paper('Harbour Lights in Figures', '<meta name="dcterms.creator" content="Northmere Ministry of Coasts"><meta name="dcterms.created" content="2023-11-15">', '<p>Released: 15 November 2023</p>'),
    '/about' => $paper('About the Ministry', '', '<p>The Ministry looks after four hundred kilometres of coast.</p>'),
];
