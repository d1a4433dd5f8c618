<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A museum's collection: objects with makers, dates made, and a credit line.
$object = static fn (string $title, string $maker, string $made, string $material, string $number, string $ld = ''): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!doctype html><html lang="en"><head><meta charset="utf-8"><title>{$title} | Collection | Gullhaven Harbour Museum</title><meta property="og:title" content="{$title}"><meta property="og:site_name" content="Gullhaven Harbour Museum"><meta property="og:image" content="https://gullhavenmuseum.example/img/{$number}.jpg">{$ld}</head><body>
    <nav>Visit · Collection · Shop</nav><main><h1>{$title}</h1><figure><img src="/img/{$number}.jpg" alt=""><figcaption>{$title}. Photograph: museum</figcaption></figure>
    <dl class="object"><dt>Artist</dt><dd>{$maker}</dd><dt>Date made</dt><dd>{$made}</dd><dt>Medium</dt><dd>{$material}</dd><dt>Object number</dt><dd>{$number}</dd><dt>Credit line</dt><dd>Given by the Oake family, 1956</dd></dl>
    <p>On view in the Tide Room.</p></main><footer>© 2026 Gullhaven Harbour Museum, Gullhaven</footer></body></html>
    HTML);

return [
    '/objects/1931-4' => $object('The Wheel at Low Sallow', 'Mara Oake', '1931', 'Oil on canvas', '1931.4', '<script type="application/ld+json">{"@context":"https://schema.org","@type":"VisualArtwork","name":"The Wheel at Low Sallow","creator":{"@type":"Person","name":"Mara Oake"},"dateCreated":"1931","artMedium":"Oil on canvas","artform":"Painting"}</script>'),
    '/objects/1898-17' => $object('Model of a tide gate', 'Unknown maker', 'c. 1890', 'Oak and iron', '1898.17'),
    '/objects/1962-2' => $object('Night Ferry, Gullhaven', 'Bram Östberg', '1962', 'Woodcut on paper', '1962.2', '<script type="application/ld+json">{"@context":"https://schema.org","@type":["VisualArtwork"],"name":"Night Ferry, Gullhaven","creator":[{"@type":"Person","givenName":"Bram","familyName":"Östberg"}],"dateCreated":"1962","artMedium":"Woodcut"}</script>'),
];
