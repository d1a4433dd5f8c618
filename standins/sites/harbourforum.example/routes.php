<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A forum: a question, its answers, and screen names throughout.
$thread = static fn (string $title, string $who, string $iso, string $shown): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!doctype html><html lang="en"><head><meta charset="utf-8"><title>{$title} - Mills and Locks - Harbour Forum</title><meta property="og:site_name" content="Harbour Forum"></head><body><div class="breadcrumb">Home › Mills and Locks</div>
    <div itemscope itemtype="https://schema.org/DiscussionForumPosting"><h1 itemprop="headline">{$title}</h1><div class="post" ><span itemprop="author" itemscope itemtype="https://schema.org/Person"><span itemprop="name">{$who}</span></span> wrote on <time itemprop="datePublished" datetime="{$iso}">{$shown}</time><div itemprop="text"><p>Has anybody mended one of these? Mine leaks at half tide.</p></div></div>
    <div class="post reply comment" itemprop="comment" itemscope itemtype="https://schema.org/Comment"><span itemprop="author" itemscope itemtype="https://schema.org/Person"><span itemprop="name">oakandiron</span></span> <time itemprop="datePublished" datetime="2025-01-05">Jan 5, 2025</time><p>Swell the boards first.</p></div></div><footer>Harbour Forum</footer></body></html>
    HTML);

return [
    '/t/leaking-gate' => $thread('Leaking gate at half tide', 'sluicegirl', '2024-12-30T19:22:00', 'Dec 30, 2024'),
    '/t/which-lamp-oil' => $thread('Which lamp oil for a museum lamp?', 'old_tarry', '2023-04-02T08:01:00', 'Apr 2, 2023'),
];
