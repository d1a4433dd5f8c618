<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\Source;

/** Printed or digital, by how the student got at it. */
final class ByCarrier implements Measure
{
    public const PRINTED = 'printed';

    public function id(): string
    {
        return 'carrier';
    }

    public function label(): string
    {
        return 'Printed or digital';
    }

    public function sorts(): array
    {
        return [
            self::PRINTED => 'Printed',
            'digital' => 'Digital',
            'in-person' => 'Seen or heard in person',
            '' => 'Not known',
        ];
    }

    public function of(Source $source): string
    {
        return match ($source->accessMethod() ?? self::usual($source->kind)) {
            AccessMethod::Print => self::PRINTED,
            AccessMethod::Web, AccessMethod::Database, AccessMethod::App => 'digital',
            AccessMethod::InPerson => 'in-person',
            null => '',
        };
    }

    /** Where nobody said and no address tells: the only way there is, or print for what has pages and imprints. */
    private static function usual(Kind $kind): ?AccessMethod
    {
        $first = $kind->accessMethods[0] ?? null;
        $isPrinted = $first === AccessMethod::Print
            && ($kind->hasImprint || $kind->hasField(ContainerField::Pages->at()));

        return $isPrinted || count($kind->accessMethods) === 1 ? $first : null;
    }
}
