<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A magazine that marks its articles with microdata only.
$story = static fn (string $title, string $authors, string $date, string $issue = ''): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!doctype html><html lang="en"><head><meta charset="utf-8"><title>Shores of Science: {$title}</title><meta name="twitter:title" content="{$title}"></head>
    <body itemscope itemtype="https://schema.org/WebPage"><header><a href="/" class="logo">Shores of Science</a></header>
    <article itemprop="mainEntity" itemscope itemtype="https://schema.org/Article"><h1 itemprop="headline">{$title}</h1>{$issue}
    <div class="meta">{$authors}<meta itemprop="datePublished" content="{$date}"><span itemprop="publisher" itemscope itemtype="https://schema.org/Organization"><meta itemprop="name" content="Quayside Magazines"></span></div>
    <div itemprop="articleBody"><p>Salt remembers. Leave a plank in the creek for a year and it will tell you how high each tide came.</p><p>That is the idea after a new study of the mill gates at Low Sallow.</p></div>
    <div class="author-box" itemprop="reviewedBy" itemscope itemtype="https://schema.org/Person">Checked by <span itemprop="name">Noor Castellan</span></div></article>
    <footer>Shores of Science is published by Quayside Magazines. All content © Quayside Magazines 2026</footer></body></html>
    HTML);
$person = static fn (string $name): string => "<span itemprop=\"author\" itemscope itemtype=\"https://schema.org/Person\"><a itemprop=\"url\" href=\"/by\"><span itemprop=\"name\">{$name}</span></a></span>";

return [
    '/what-salt-remembers' => $story('What Salt Remembers', $person('Halima Brook'), '2025-02-11'),
    '/two-moons-one-mill' => $story('Two Moons, One Mill', $person('Piet Ilves').' and '.$person('Jun-ho Adebayo-Marsh'), '2024-07'),
    '/the-colour-of-night' => $story('The Colour of Night', '<span itemprop="author">Dr. Sunniva Teal</span>', '2023-10-30T09:00:00Z'),
    '/ask-the-shore' => $story('Ask the Shore: Why does the tide turn?', '', '2022-03-01'),
];
