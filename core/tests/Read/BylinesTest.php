<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Source\Contributor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BylinesTest extends TestCase
{
    /** @param  list<string>  $names */
    #[DataProvider('bylines')]
    public function test_a_byline_is_taken_apart(string $byline, array $names): void
    {
        self::assertSame($names, array_map(static fn (Contributor $one): string => $one->name->direct(), Bylines::contributors($byline)));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function bylines(): iterable
    {
        yield 'two with jobs' => ['By Halima Brook, coast editor, and Noor Castellan', ['Halima Brook', 'Noor Castellan']];
        yield 'a family name that is also a degree' => ['By Jia Ma and Lin Ba', ['Jia Ma', 'Lin Ba']];
        yield 'degrees' => ['Halima Brook, Ph.D., and Noor Castellan, MSc', ['Halima Brook', 'Noor Castellan']];
        yield 'an initial keeps its stop' => ['Brook H.', ['Brook H.']];
        yield 'where' => ['By Halima Brook in Low Bridge', ['Halima Brook']];
        yield 'for whom' => ['By Halima Brook for the Gullhaven Courier', ['Halima Brook']];
        yield 'a group named for its field' => ['Institute for Research in Lamps', ['Institute for Research in Lamps']];
        yield 'what others did' => ['Written by Halima Brook, edited by Noor Castellan', ['Halima Brook']];
        yield 'another sentence' => ['By Halima Brook. Portrait by Noor Castellan.', ['Halima Brook']];
        yield 'a title is no end of a sentence' => ['By Prof. Halima Brook', ['Halima Brook']];
        yield 'told to somebody' => ['By Noor Castellan, as told to Halima Brook', ['Noor Castellan', 'Halima Brook']];
        yield 'a handle behind the name' => ['By Halima Brook (@hbrook)', ['Halima Brook']];
        yield 'a house that signs as one' => ['Tideline Editors', ['Tideline Editors']];
        yield 'only a job' => ['By Staff Writer', []];
        yield 'a template nobody filled in' => ['{{ page.author }}', []];
        yield 'a sentence' => ['By Low Bridge Quarry there is a sign that no one reads', []];
    }
}
