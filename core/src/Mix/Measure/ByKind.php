<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Source\Source;

final class ByKind implements Measure
{
    public function id(): string
    {
        return 'kind';
    }

    public function label(): string
    {
        return 'What they are';
    }

    public function sorts(): array
    {
        return [];
    }

    public function of(Source $source): string
    {
        return $source->kind->label;
    }
}
