<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// RDFa Lite, an author in two places, and a recipe.
$page = static fn (string $title, string $author, string $date): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!doctype html><html lang="en"><head><meta charset="utf-8"><title>{$title} • Kitchen by the Sea</title></head><body vocab="https://schema.org/" typeof="WebPage"><header>Kitchen by the Sea</header>
    <article property="mainEntity" typeof="Article"><h1 property="headline">{$title}</h1><p>Words and kitchen: <span property="author" typeof="Person"><span property="name">{$author}</span></span></p><p>First baked <time property="datePublished" datetime="{$date}">{$date}</time></p><p>Flour from a sea mill is damp. Dry it in a low oven before you begin.</p>
    <div property="publisher" typeof="Organization"><span property="name">Saltpan Media</span></div></article></body></html>
    HTML);

return [
    '/bread-from-a-sea-mill' => $page('Bread from a Sea Mill', 'Ana Ruiz', '2023-02-14'),
    '/salt-butter' => $page('Salt Butter, Slowly', 'Ana Ruiz', '2022-08-08'),
    '/samphire' => $page('What to Do with Samphire', 'Joana dos Reis', '2021-07-19'),
];
