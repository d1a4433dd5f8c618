<?php

declare(strict_types=1);

return [
    'months' => [
        ['janvier'], ['février', 'fevrier'], ['mars'], ['avril'], ['mai'], ['juin'], ['juillet'], ['août', 'aout'],
        ['septembre'], ['octobre'], ['novembre'], ['décembre', 'decembre'],
    ],
    'articles' => ['le', 'la', 'les', 'un', 'une', 'des'],
    'elided' => ['l', 'un'],
    'particles' => ['de', 'du', 'la', 'le'],
    'by' => ['par'],
    'and' => ['avec', 'et'],
    'small' => ["l'", "d'", 'un', 'en', 'leur', 'leurs', 'pour', 'par', 'avec', 'à', 'le', 'les', 'et', 'du', 'des', 'une', 'au', 'aux', 'dans', 'sur', 'de', 'la'],
    'deeds' => [
        'editor' => ['sous la direction', 'dirigé par'],
        'translator' => ['traduit', 'traduction'],
        'foreword' => ['préface'],
        'afterword' => ['postface'],
        'director' => ['réalis'],
    ],
    'academicHouses' => ['presses universitaires', 'éditions universitaires'],
];
