<?php

declare(strict_types=1);

return [
    // Addresses of the proxies whose word on host, scheme and client is taken, parted by commas; none where empty.
    'proxies' => env('TRUSTED_PROXIES', ''),
];
