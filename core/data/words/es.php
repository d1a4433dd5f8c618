<?php

declare(strict_types=1);

return [
    'months' => [
        ['enero'], ['febrero'], ['marzo'], ['abril'], ['mayo'], ['junio'], ['julio'], ['agosto'], ['septiembre'],
        ['octubre'], ['noviembre'], ['diciembre'],
    ],
    'articles' => ['el', 'la', 'los', 'las', 'un', 'una', 'unos', 'unas'],
    'particles' => ['de', 'del', 'la', 'y'],
    'by' => ['por'],
    'and' => ['y'],
    'small' => ['un', 'al', 'sobre', 'por', 'su', 'sus', 'el', 'los', 'las', 'del', 'y', 'una', 'uno', 'en', 'con', 'para', 'que', 'de', 'la'],
    'deeds' => [
        'editor' => ['ed\. por', 'edición de'],
        'translator' => ['traduc'],
        'foreword' => ['prólogo'],
    ],
    'academicHouses' => ['ediciones universitarias', 'editorial universitaria', 'publicaciones de la universidad'],
];
