<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A newspaper in French.
$page = static fn (string $title, string $by, string $iso, string $shown): Answer => new Answer(200, 'text/html; charset=utf-8', "<!doctype html><html lang=\"fr\"><head><meta charset=\"utf-8\"><title>{$title} - La Côte de Northmere</title><meta property=\"og:site_name\" content=\"La Côte de Northmere\"><meta property=\"og:title\" content=\"{$title}\"><meta property=\"og:type\" content=\"article\"><meta property=\"og:locale\" content=\"fr_FR\"><meta property=\"article:published_time\" content=\"{$iso}\"></head><body><article><h1>{$title}</h1><p class=\"signature\">{$by}</p><p>Publié le {$shown} à 6h00</p><p>Le moulin tourne deux fois par jour, quand la mer le veut bien.</p></article><footer>© 2026 La Côte de Northmere</footer></body></html>");

return [
    '/culture/le-moulin-de-la-mer' => $page('Le moulin de la mer tourne à nouveau', 'Par Joana dos Reis', '2023-05-03T06:00:00+02:00', '3 mai 2023'),
    '/port/les-lampes' => $page('Les lampes du port s’éteignent', 'Par Rémi Castellan et Ana Ruiz', '2022-10-12T06:00:00+02:00', '12 octobre 2022'),
];
