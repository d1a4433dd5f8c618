<?php

declare(strict_types=1);

return [
    'particles' => ['van', 'den', 'der', 'ten', 'ter', 'te', "'t"],
];
