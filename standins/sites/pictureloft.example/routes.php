<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;
use Bibrel\Standins\Picture;

// An image bank: who took a picture, when it was taken and when it was put up are three things.
$photo = static function (string $title, string $who, string $taken, string $posted, bool $data): Answer {
    $ld = $data ? '<script type="application/ld+json">'.json_encode(['@context' => 'https://schema.org', '@type' => 'ImageObject', 'name' => $title, 'creator' => ['@type' => 'Person', 'name' => $who], 'dateCreated' => $taken, 'uploadDate' => $posted, 'license' => 'https://pictureloft.example/licence', 'creditText' => "{$who} / Pictureloft", 'contentUrl' => 'https://pictureloft.example/full/x.jpg']).'</script>' : '';
    $takenShown = date('j F Y', (int) strtotime($taken));
    $postedShown = date('F j, Y', (int) strtotime($posted));

    return new Answer(200, 'text/html; charset=utf-8', <<<HTML
        <!doctype html><html lang="en"><head><meta charset="utf-8"><title>{$title} - free picture on Pictureloft</title><meta property="og:title" content="{$title}"><meta property="og:type" content="article"><meta property="og:site_name" content="Pictureloft"><meta property="og:image" content="https://pictureloft.example/full/x.jpg">{$ld}</head>
        <body><header>Pictureloft <input placeholder="Search 4 million pictures"></header><main><h1>{$title}</h1><img src="/full/x.jpg" alt="{$title}">
        <p>Photo by <a rel="author" href="/people/x">{$who}</a></p><ul><li>Taken on {$takenShown}</li><li>Uploaded {$postedShown}</li><li>Licence: free with a credit</li></ul></main>
        <aside class="related"><h2>Related</h2><figure><figcaption>Photo by Edda Zell</figcaption></figure></aside><footer>© Pictureloft 2026</footer></body></html>
        HTML);
};

return [
    '/full/sluice.jpg' => new Answer(200, 'image/jpeg', Picture::xmp('Sluice at Dusk', 'Ines Marrow-Lund', '2019-10-04T19:12:00')),
    '/full/lamps.jpg' => new Answer(200, 'image/jpeg', Picture::iptc('Lamps on the North Quay', 'Rafael Quist', '20221230')),
    '/full/pond.jpg' => new Answer(200, 'image/jpeg', Picture::exif('Dov Karsten', '2010:01:09 08:30:00')),
    '/photos/sluice-at-dusk-8841' => $photo('Sluice at Dusk', 'Ines Marrow-Lund', '2019-10-04', '2021-02-15', true),
    '/photos/lamps-on-the-north-quay-902' => $photo('Lamps on the North Quay', 'Rafael Quist', '2022-12-30', '2023-01-08', true),
    '/photos/heron-77' => $photo('Heron', 'greyheron_', '2018-05-21', '2018-06-02', false),
    '/photos/mill-pond-in-ice-3' => $photo('Mill Pond in Ice', 'Dov Karsten', '2010-01-09', '2020-11-11', false),
];
