<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A newspaper with rich structured data, a bar after every headline and much else on the page.
$page = static function (string $headline, string $byline, ?string $author, string $published, string $modified, string $section, string $type = 'NewsArticle', string $deck = 'What the harbour council decided, and what it means.'): Answer {
    $ld = json_encode(array_filter([
        '@context' => 'https://schema.org',
        '@type' => $type,
        'headline' => $headline,
        'datePublished' => $published,
        'dateModified' => $modified,
        'articleSection' => $section,
        'author' => $author === null ? null : json_decode($author, true),
        'publisher' => ['@type' => 'NewsMediaOrganization', 'name' => 'The Low Tide Post', 'logo' => ['@type' => 'ImageObject', 'url' => 'https://lowtidepost.example/logo.png']],
        'isPartOf' => ['@type' => 'WebSite', 'name' => 'The Low Tide Post'],
        'image' => ['https://lowtidepost.example/lead.jpg'],
    ]));
    $day = date('F j, Y', (int) strtotime($published));

    return new Answer(200, 'text/html; charset=utf-8', <<<HTML
        <!doctype html><html lang="en-GB"><head><meta charset="utf-8"><title>{$headline} | {$section} | The Low Tide Post</title>
        <meta property="og:type" content="article"><meta property="og:title" content="{$headline}"><meta property="og:site_name" content="The Low Tide Post">
        <meta property="article:published_time" content="{$published}"><meta property="article:modified_time" content="{$modified}"><meta property="article:section" content="{$section}">
        <script type="application/ld+json">{$ld}</script>
        <script>window.dataLayer=[{"pageType":"article"}]</script></head><body>
        <div class="topbar"><span>Wednesday, November 25, 2026</span> <a href="/subscribe">Subscribe</a></div>
        <nav><ul><li>News</li><li>Opinion</li><li>Harbour</li></ul></nav>
        <article><p class="kicker">{$section}</p><h1>{$headline}</h1><p class="deck">{$deck}</p>
        <div class="byline-wrap"><span class="byline">{$byline}</span><span class="dateline">{$day} at 6.00am</span></div>
        <p>GULLHAVEN — The lamps along the north quay have burned all night since 1974. From next month they will not.</p>
        <p>“We counted the bats for a year before we counted the money,” said Dov Karsten, who led the survey.</p>
        <aside class="related"><h3>More like this</h3><ul><li><a href="/x">Ferry times change in spring</a> <span class="author">Ines Marrow-Lund</span> <time datetime="2026-11-20">November 20, 2026</time></li></ul></aside>
        </article><footer>© 2026 Low Tide Media Ltd. <a href="/terms">Terms</a></footer></body></html>
        HTML);
};

return [
    '/2025/03/14/quay-lamps' => $page('Quay lamps to go dark after midnight', 'By Oona Pell and Rafael Quist', '[{"@type":"Person","name":"Oona Pell","url":"https://lowtidepost.example/by/oona-pell"},{"@type":"Person","name":"Rafael Quist"}]', '2025-03-14T06:00:00+00:00', '2025-03-15T09:10:00+00:00', 'Harbour'),
    '/2024/11/02/leave-the-dark-alone' => $page('Leave the dark alone', 'Edda Zell', '{"@type":"Person","name":"Edda Zell","jobTitle":"Columnist"}', '2024-11-02T05:30:00+00:00', '2024-11-02T05:30:00+00:00', 'Opinion', 'OpinionNewsArticle'),
    '/2023/08/21/storm-closes-ferry' => $page('Storm closes ferry for third day', 'Post staff', '{"@type":"Organization","name":"The Low Tide Post"}', '2023-08-21T11:45:00+00:00', '2023-08-21T15:00:00+00:00', 'News'),
    '/2022/01/09/mill-grant' => $page('Grant of a lifetime: mill wheel to turn again', 'By Ines Marrow-Lund, Heritage Correspondent', '"Ines Marrow-Lund"', '2022-01-09T08:00:00+00:00', '2022-01-10T08:00:00+00:00', 'Heritage'),
    '/2021/06/30/wire-report' => $page('Northern coast braces for spring tide', 'Shoreline News Agency', '{"@type":"Organization","name":"Shoreline News Agency"}', '2021-06-30T22:15:00+00:00', '2021-06-30T22:15:00+00:00', 'News'),
];
