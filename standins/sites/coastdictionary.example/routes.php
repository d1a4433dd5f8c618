<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A dictionary: entries without author or date.
$word = static fn (string $word, string $meaning): Answer => new Answer(200, 'text/html; charset=utf-8', "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>{$word} | meaning of {$word} in the Coast Dictionary</title><meta property=\"og:site_name\" content=\"Coast Dictionary\"><script type=\"application/ld+json\">{\"@context\":\"https://schema.org\",\"@type\":\"DefinedTerm\",\"name\":\"{$word}\",\"inDefinedTermSet\":{\"@type\":\"DefinedTermSet\",\"name\":\"Coast Dictionary\"}}</script></head><body><header>Coast Dictionary</header><main><h1>{$word}</h1><p>noun</p><p>{$meaning}</p></main><footer>© Lowtide Reference 2026</footer></body></html>");

return [
    '/slack-water' => $word('slack water', 'the time around the turn of the tide when it hardly moves'),
    '/sluice' => $word('sluice', 'a gate that lets water through or keeps it back'),
];
