<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Source;

final class ByAuthor implements Measure
{
    public function id(): string
    {
        return 'author';
    }

    public function label(): string
    {
        return 'With and without an author';
    }

    public function sorts(): array
    {
        return ['person' => 'A person is named', 'group' => 'An organisation is named', '' => 'Nobody is named'];
    }

    public function of(Source $source): string
    {
        $sort = '';
        foreach ($source->contributors as $one) {
            if (! $one->name->isEmpty()) {
                $sort = $one->name->kind === NameKind::Group ? ($sort ?: 'group') : 'person';
            }
        }

        return $sort;
    }
}
