<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Source\Source;

/** The thing studied or a study of it: what a source is to this paper, which only the student can say. */
final class ByPrimacy implements Measure
{
    public const PRIMARY = 'primary';

    public function id(): string
    {
        return 'primacy';
    }

    public function label(): string
    {
        return 'Primary or secondary';
    }

    public function sorts(): array
    {
        return [self::PRIMARY => 'Primary', 'secondary' => 'Secondary', '' => 'Not said yet'];
    }

    public function of(Source $source): string
    {
        return $source->primacy;
    }
}
