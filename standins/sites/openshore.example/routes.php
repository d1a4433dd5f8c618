<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// An encyclopedia anybody can edit: no author, and a date of the last change at the foot.
$entry = static fn (string $title, string $edited): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!DOCTYPE html><html class="client-nojs" lang="en" dir="ltr"><head><meta charset="UTF-8"><title>{$title} - Openshore</title><meta property="og:title" content="{$title} - Openshore"><meta property="og:type" content="website">
    <script type="application/ld+json">{"@context":"https://schema.org","@type":"Article","name":"{$title}","url":"https://openshore.example/wiki/x","author":{"@type":"Organization","name":"Contributors to Openshore"},"publisher":{"@type":"Organization","name":"Openshore Foundation"},"headline":"a machine driven by the sea"}</script></head>
    <body><div id="content"><h1 id="firstHeading">{$title}</h1><div id="siteSub">From Openshore, the encyclopedia of coasts</div>
    <p><b>{$title}</b> is a term of the coast.<sup>[1]</sup></p><h2>References</h2><ol><li>Brook, Halima (2014). Moonpower. Quayside Press.</li></ol></div>
    <footer><ul><li> This page was last edited on {$edited}, at 14:02 (UTC).</li><li>Text is available under a free licence.</li></ul></footer></body></html>
    HTML);

return [
    '/wiki/Tide_mill' => $entry('Tide mill', '9 March 2023'),
    '/wiki/Slack_water' => $entry('Slack water', '30 November 2025'),
    '/wiki/Sluice_keeper' => $entry('Sluice keeper', '1 June 2024'),
];
