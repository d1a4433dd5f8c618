<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

/**
 * What a change says of itself: the version it was made on, who makes it, an id of its own by which its repeat is known,
 * and the tab it comes from.
 */
final readonly class Save
{
    public function __construct(
        public int $version,
        public string $by,
        public ?string $id = null,
        public ?string $tab = null,
    ) {
    }
}
