<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\NameList;
use Bibrel\Core\Source\Contributor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NameListTest extends TestCase
{
    /** @param  list<string>  $people  "given|family" each */
    #[DataProvider('lists')]
    public function test_a_list_as_entries_print_it(string $typed, array $people): void
    {
        $found = (new NameList($typed))->people();

        self::assertSame($people, array_map(
            static fn (Contributor $one): string => $one->name->group ?: "{$one->name->given}|{$one->name->surname()}",
            $found,
        ));
    }

    /** @return iterable<array{string, list<string>}> */
    public static function lists(): iterable
    {
        yield ['Brook, H., Oake, J., & Stell, M.', ['H.|Brook', 'J.|Oake', 'M.|Stell']];
        yield ['Brook, H. & Oake, J. R.', ['H.|Brook', 'J. R.|Oake']];
        yield ['de Vries, H., and Oake-Lund, J.-P.', ['H.|de Vries', 'J.-P.|Oake-Lund']];
        yield ['Brook, H., Oake, J., . . . Stell, M.', ['H.|Brook', 'J.|Oake', 'M.|Stell']];
        yield ['Brook, H., et al.', ['H.|Brook', 'et al.']];
        yield ['Brook, Halima, and Mara Oake', ['Halima|Brook', 'Mara|Oake']];
        yield ['Brook, Halima, Mara Oake, and Mina Stell', ['Halima|Brook', 'Mara|Oake', 'Mina|Stell']];
        yield ['Brook, Halima, et al.', ['Halima|Brook', 'et al.']];
        yield ['Brook H, Oake JR, Stell M', ['H|Brook', 'JR|Oake', 'M|Stell']];
        yield ['Brook, Halima', []];
        yield ['Halima Brook, Mara Oake and Mina Stell', []];
        yield ['Northmere Heritage Trust', []];
    }
}
