<?php

declare(strict_types=1);

return [
    'small' => ['o', 'a', 'os', 'e', 'de', 'da', 'do', 'dos', 'das', 'na', 'no', 'nas', 'nos', 'em', 'um', 'uma', 'com', 'ao', 'por'],
    'particles' => ['da', 'das', 'dos'],
    'academicHouses' => ['editora da universidade', 'imprensa da universidade'],
];
