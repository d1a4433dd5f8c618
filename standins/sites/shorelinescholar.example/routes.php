<?php

declare(strict_types=1);

use Bibrel\Standins\Answer;

// A library database: citation metadata, a COinS span, a stable link and a RIS export for each article.
$articles = [
    '4410' => ['Grain and Tide in a Harbour Town', ['Ilves, Piet', 'Castellan, Noor'], 'Journal of Coastal History', '12', '3', '2016', '215', '239', '10.5555/jch.2016.0123'],
    '5127' => ['Amber light and the feeding of coastal bats', ['Teal, Sunniva', 'Adebayo-Marsh, Jun-ho'], 'Northmere Journal of Field Ecology', '31', '2', '2022/06', '88', '102', '10.5555/njfe.2022.31.88'],
    '6033' => ['“A Very Patient Wheel”: Millers in the Parish Books', ['Brook, Halima'], 'Journal of Coastal History', '9', '1', '2013', '1', '27', ''],
    '7250' => ['The sound a moth makes', ['Karsten, Dov', 'Zell, Edda', 'Pell, Oona'], 'Shore Acoustics', '4', '', '2020', '44', '51', '10.5555/sa.2020.44'],
];
$routes = [];
foreach ($articles as $id => [$title, $authors, $journal, $volume, $issue, $date, $first, $last, $doi]) {
    $meta = '';
    foreach (array_filter(['citation_title' => $title, 'citation_journal_title' => $journal, 'citation_volume' => $volume, 'citation_issue' => $issue, 'citation_publication_date' => $date, 'citation_firstpage' => $first, 'citation_lastpage' => $last, 'citation_doi' => $doi, 'citation_publisher' => 'Northmere University Press', 'citation_dbname' => 'Shoreline Scholar']) as $name => $content) {
        $meta .= '<meta name="'.$name.'" content="'.htmlspecialchars($content).'">';
    }
    foreach ($authors as $author) {
        $meta .= '<meta name="citation_author" content="'.htmlspecialchars($author).'">';
    }
    $names = implode(', ', array_map(static fn (string $name): string => implode(' ', array_reverse(explode(', ', $name))), $authors));
    $coins = htmlspecialchars(http_build_query(['ctx_ver' => 'Z39.88-2004', 'rft_val_fmt' => 'info:ofi/fmt:kev:mtx:journal', 'rft.genre' => 'article', 'rft.atitle' => $title, 'rft.jtitle' => $journal, 'rft.volume' => $volume, 'rft.date' => $date]));
    $ris = "TY  - JOUR\r\nTI  - {$title}\r\n".implode('', array_map(static fn (string $name): string => "AU  - {$name}\r\n", $authors))."T2  - {$journal}\r\nVL  - {$volume}\r\n".($issue === '' ? '' : "IS  - {$issue}\r\n")."PY  - {$date}\r\nSP  - {$first}\r\nEP  - {$last}\r\n".($doi === '' ? '' : "DO  - {$doi}\r\n")."UR  - https://shorelinescholar.example/stable/{$id}\r\nDB  - Shoreline Scholar\r\nER  - \r\n";
    $routes["/stable/{$id}"] = new Answer(200, 'text/html; charset=utf-8', "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\"><title>{$title} on Shoreline Scholar</title>{$meta}<link rel=\"canonical\" href=\"https://shorelinescholar.example/stable/{$id}\"></head><body><header>Shoreline Scholar</header><main><p>Journal Article</p><h1>{$title}</h1><p>{$names}</p><p>{$journal}, Vol. {$volume}".($issue === '' ? '' : ", No. {$issue}")." ({$date}), pp. {$first}-{$last}</p><p>Published by: Northmere University Press</p><p>Stable link: https://shorelinescholar.example/stable/{$id}</p><p><a type=\"application/x-research-info-systems\" href=\"/export/{$id}.ris\">Export citation (RIS)</a></p><span class=\"Z3988\" title=\"{$coins}\"></span></main><footer>Shoreline Scholar is a service of Harbour Information Services. © 2000-2026 Harbour Information Services</footer></body></html>");
    $routes["/export/{$id}.ris"] = new Answer(200, 'application/x-research-info-systems', $ris);
}

return $routes;
