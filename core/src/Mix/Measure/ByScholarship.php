<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Mix\ScholarlyFinding;
use Bibrel\Core\Source\Source;

final class ByScholarship implements Measure
{
    public function id(): string
    {
        return 'scholarly';
    }

    public function label(): string
    {
        return 'Scholarly or not';
    }

    public function sorts(): array
    {
        return ['yes' => 'Scholarly', 'no' => 'Not scholarly', '' => 'Cannot be told'];
    }

    public function of(Source $source): string
    {
        return ScholarlyFinding::of($source)->answer;
    }
}
