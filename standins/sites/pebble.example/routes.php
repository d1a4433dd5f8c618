<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// Short posts: the handle and the real name, the day, the text as its own title.
$post = static fn (string $name, string $handle, string $text, string $iso, string $ld = ''): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!doctype html><html lang="en"><head><meta charset="utf-8"><title>{$name} on Pebble: “{$text}”</title><meta property="og:site_name" content="Pebble"><meta property="og:title" content="{$name} ({$handle}) on Pebble"><meta property="og:description" content="{$text}"><meta property="og:type" content="article">{$ld}</head>
    <body><main><div class="post"><b>{$name}</b> <span>{$handle}</span><p>{$text}</p><a href="#"><time datetime="{$iso}">{$iso}</time></a></div></main></body></html>
    HTML);
$data = static fn (string $name, string $handle, string $text, string $iso): string => '<script type="application/ld+json">'.json_encode(['@context' => 'https://schema.org', '@type' => 'SocialMediaPosting', 'headline' => $text, 'articleBody' => $text, 'datePublished' => $iso, 'author' => ['@type' => 'Person', 'name' => $name, 'alternateName' => $handle]]).'</script>';

return [
    '/@nightpelican/1' => $post('Dov Karsten', '@nightpelican', 'Forty bats over the bread queue. Nobody looked up.', '2024-06-03T21:40:00Z', $data('Dov Karsten', '@nightpelican', 'Forty bats over the bread queue. Nobody looked up.', '2024-06-03T21:40:00Z')),
    '/@gullhavenharbour/88' => $post('Gullhaven Harbour Board', '@gullhavenharbour', 'The north quay lamps go off at midnight from 1 April.', '2025-03-20T08:00:00Z', $data('Gullhaven Harbour Board', '@gullhavenharbour', 'The north quay lamps go off at midnight from 1 April.', '2025-03-20T08:00:00Z')),
];
