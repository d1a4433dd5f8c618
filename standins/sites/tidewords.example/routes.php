<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A podcast: episodes with numbers, a host, guests who are not its authors.
$episode = static function (string $title, int $number, string $date, string $host, bool $data): Answer {
    $ld = $data ? '<script type="application/ld+json">'.json_encode(['@context' => 'https://schema.org', '@type' => 'PodcastEpisode', 'name' => $title, 'datePublished' => $date, 'episodeNumber' => $number, 'timeRequired' => 'PT31M', 'partOfSeries' => ['@type' => 'PodcastSeries', 'name' => 'Tidewords'], 'author' => ['@type' => 'Person', 'name' => $host], 'productionCompany' => ['@type' => 'Organization', 'name' => 'Northmere Sound']]).'</script>' : '';
    $shown = date('j M Y', (int) strtotime($date));

    return new Answer(200, 'text/html; charset=utf-8', "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>{$number}: {$title} — Tidewords</title><meta property=\"og:title\" content=\"{$number}: {$title}\"><meta property=\"og:site_name\" content=\"Tidewords\"><meta property=\"og:type\" content=\"music.song\">{$ld}</head><body><header><p>Tidewords, a podcast from Northmere Sound</p></header><main><p>Episode {$number}</p><h1>{$title}</h1><p>{$shown} · 31 min</p><p>Hosted by {$host}. With Halima Brook.</p><audio src=\"/a.mp3\"></audio></main><footer>© Northmere Sound 2026</footer></body></html>");
};

return [
    '/14' => $episode('The Wheel under the Water', 14, '2022-02-11', 'Lotte Varga-Brandt', true),
    '/21' => $episode('A Lamp Goes Out', 21, '2022-09-30', 'Lotte Varga-Brandt', true),
    '/3' => $episode('Slack', 3, '2021-03-05', 'Lotte Varga-Brandt', false),
];
