<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** A path that leads nowhere in a source. */
final class UnknownField extends \InvalidArgumentException
{
    public static function spelled(string $path): self
    {
        return new self("No source has a field “{$path}”.");
    }
}
