<?php

declare(strict_types=1);

return [
    'months' => [
        ['gennaio'], ['febbraio'], ['marzo'], ['aprile'], ['maggio'], ['giugno'], ['luglio'], ['agosto'], ['settembre'],
        ['ottobre'], ['novembre'], ['dicembre'],
    ],
    'articles' => ['il', 'lo', 'la', 'i', 'gli', 'le', 'un', 'uno', 'una'],
    'elided' => ['l', 'un'],
    'particles' => ['di', 'da', 'della', 'lo'],
    'small' => ["l'", 'un', 'i', 'le', 'nella', 'sulla', 'per', 'con', 'da', 'il', 'lo', 'gli', 'e', 'della', 'dello', 'dei', 'delle', 'nel', 'una', 'di', 'la', 'del'],
    'deeds' => [
        'editor' => ['a cura di'],
        'translator' => ['traduzione'],
    ],
    'academicHouses' => ['edizioni universitarie'],
];
