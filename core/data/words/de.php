<?php

declare(strict_types=1);

return [
    'months' => [
        ['Januar'], ['Februar'], ['März'], ['April'], ['Mai'], ['Juni'], ['Juli'], ['August'], ['September'], ['Oktober'],
        ['November'], ['Dezember'],
    ],
    'articles' => ['der', 'die', 'das', 'ein', 'eine'],
    'particles' => ['von', 'der', 'den', 'zu', 'zur'],
    'by' => ['von'],
    'and' => ['und'],
    'small' => ['den', 'auf', 'für', 'mit', 'über', 'aus', 'bei', 'nach', 'zu', 'eines', 'einer', 'der', 'die', 'das', 'und', 'am', 'im', 'ein', 'eine', 'von', 'zum', 'zur', 'des', 'dem'],
    'organisations' => ['gmbh'],
    'deeds' => [
        'editor' => ['hrsg', 'hg\.', 'herausgegeben', 'herausgeber'],
        'translator' => ['übersetz'],
        'introduction' => ['einleitung', 'einführung'],
        'foreword' => ['vorwort'],
        'afterword' => ['nachwort'],
        'director' => ['regie'],
    ],
    'houses' => ['verlag'],
    'academicHouses' => ['universitätsverlag', 'wissenschaftsverlag', 'hochschulverlag'],
];
