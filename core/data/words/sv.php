<?php

declare(strict_types=1);

return [
    'small' => ['och', 'i', 'en', 'ett', 'av', 'för', 'på', 'med', 'till', 'från', 'om', 'det', 'som'],
    'particles' => ['af', 'av'],
    'academicHouses' => ['universitetsförlag', 'akademiska förlag'],
];
