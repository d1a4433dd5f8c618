<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\TypeWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TypeWordsTest extends TestCase
{
    #[DataProvider('words')]
    public function test_the_kind_a_word_names(string $said, string $kind): void
    {
        self::assertSame($kind, (new TypeWords($said))->kind());
    }

    /** @return iterable<int, array{string, string}> */
    public static function words(): iterable
    {
        yield ['Newspaper article', 'newspaper-article'];
        yield ['Magazine', 'magazine-article'];
        yield ['JOURNAL ARTICLE', 'journal-article'];
        yield ['Research Article', 'journal-article'];
        yield ['Still Image', 'photograph'];
        yield ['1 photographic print.', 'photograph'];
        yield ['1 glass negative; 4 x 5 in.', 'photograph'];
        yield ['Gemälde', 'artwork'];
        yield ['Separate Map', 'map'];
        yield ['Dataset', 'data-set'];
        yield ['Doctoral dissertation', 'thesis'];
        yield ['Book (printed)', 'book'];
        // What could be anything, and what only begins like a kind, names none.
        yield ['Article', ''];
        yield ['Booking', ''];
        yield ['Mapping the coast', ''];
        yield ['Oil on canvas', ''];
        yield ['', ''];
    }
}
