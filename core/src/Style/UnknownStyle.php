<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

final class UnknownStyle extends \InvalidArgumentException
{
    /** @param  list<string>  $known */
    public function __construct(string $id, array $known)
    {
        parent::__construct("There is no style “{$id}”. Choose one of: ".implode(', ', $known).'.');
    }
}
