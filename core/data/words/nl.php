<?php

declare(strict_types=1);

return [
    'small' => ['de', 'het', 'een', 'en', 'van', 'voor', 'met', 'op', 'aan', 'bij', 'uit', 'naar', 'door'],
    'particles' => ['van', 'den', 'der', 'ten', 'ter', 'te', "'t"],
    'academicHouses' => ['universitaire pers'],
];
