<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A weblog with microformats: h-entry and the older hentry, comments below, recent posts next to.
$post = static fn (string $title, string $author, string $iso, string $shown, string $updated = '', string $extra = ''): Answer => new Answer(200, 'text/html; charset=utf-8', <<<HTML
    <!DOCTYPE html><html lang="en"><head><meta charset="UTF-8"><title>{$title} &#8211; Moth &amp; Lamp</title>
    <link rel="alternate" type="application/rss+xml" title="Moth &amp; Lamp &raquo; Feed" href="https://mothandlamp.example/feed/">
    <meta name="generator" content="Plain Press 4.2">{$extra}</head>
    <body class="single"><header id="masthead"><h1 class="site-title"><a href="/" rel="home">Moth &amp; Lamp</a></h1><p class="site-description">Notes from a lit coast</p></header>
    <main><article class="post hentry h-entry"><header class="entry-header"><h2 class="entry-title p-name">{$title}</h2>
    <div class="entry-meta"><span class="posted-on">Posted on <a href="#" rel="bookmark"><time class="entry-date published dt-published" datetime="{$iso}">{$shown}</time>{$updated}</a></span>
    <span class="byline"> by <span class="author vcard p-author h-card"><a class="url fn n" href="/author/x/">{$author}</a></span></span></div></header>
    <div class="entry-content e-content"><p>It was warm, and the moths came early. I set the sheet against the wall of the pump house and waited.</p><p>By ten I had forty-one of nine kinds.</p></div></article>
    <section id="comments"><h3>2 thoughts on “{$title}”</h3><ol><li class="comment"><cite class="fn">tidewatcher</cite> says: <time datetime="2024-02-01T10:00:00+00:00">February 1, 2024 at 10:00 am</time><p>Lovely.</p></li>
    <li class="comment"><cite class="fn">Bram Östberg</cite> says: <time datetime="2024-02-03T10:00:00+00:00">February 3, 2024</time><p>Which lamp?</p></li></ol></section></main>
    <aside class="widget"><h3>Recent posts</h3><ul><li>A jar of sea salt <span class="post-date">October 4, 2026</span></li></ul></aside>
    <footer><p>Copyright &copy; 2012-2026 Moth &amp; Lamp</p></footer></body></html>
    HTML);

return [
    '/feed/' => new Answer(200, 'application/rss+xml; charset=utf-8', '<?xml version="1.0" encoding="UTF-8"?><rss version="2.0" xmlns:dc="http://purl.org/dc/elements/1.1/"><channel><title>Moth &amp; Lamp</title><link>https://mothandlamp.example</link><item><title>The Year in Wings</title><link>https://mothandlamp.example/2021/12/the-year-in-wings</link><dc:creator>Sunniva Teal</dc:creator><pubDate>Fri, 31 Dec 2021 18:00:00 +0000</pubDate></item></channel></rss>'),
    '/2024/01/warm-night-at-the-pump-house' => $post('Warm Night at the Pump House', 'Sunniva Teal', '2024-01-28T22:10:00+00:00', 'January 28, 2024'),
    '/2023/09/why-amber' => $post('Why amber?', 'Sunniva Teal', '2023-09-05T07:00:00+00:00', 'September 5, 2023', '<time class="updated dt-updated" datetime="2023-10-01T07:00:00+00:00">October 1, 2023</time>'),
    '/2022/05/guest-bats-over-bread' => $post('Guest post: Bats over bread', 'Bram Östberg', '2022-05-17T07:00:00+00:00', 'May 17, 2022'),
    '/2021/12/the-year-in-wings' => $post('The Year in Wings', 'admin', '2021-12-31T18:00:00+00:00', 'December 31, 2021'),
];
