<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Source\Source;

final class ByDate implements Measure
{
    public function id(): string
    {
        return 'date';
    }

    public function label(): string
    {
        return 'With and without a date';
    }

    public function sorts(): array
    {
        return ['dated' => 'With a date', '' => 'Without a date'];
    }

    public function of(Source $source): string
    {
        return $source->date()->year === null ? '' : 'dated';
    }
}
