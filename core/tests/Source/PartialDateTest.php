<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Source;

use Bibrel\Core\Source\PartialDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PartialDateTest extends TestCase
{
    #[DataProvider('readable')]
    public function test_usual_ways_of_writing_a_date_are_read(string $typed, string $edtf): void
    {
        $date = PartialDate::parse($typed);
        self::assertTrue($date->isDate(), $typed);
        self::assertSame($edtf, $date->edtf());
    }

    /** @return iterable<array{string, string}> */
    public static function readable(): iterable
    {
        yield ['2023', '2023'];
        yield ['2023-05', '2023-05'];
        yield ['2023-05-03', '2023-05-03'];
        yield ['2023/05/03', '2023-05-03'];
        yield ['2023-05-03T06:00:00+01:00', '2023-05-03'];
        yield ['3 May 2023', '2023-05-03'];
        yield ['3rd of May 2023', '2023-05-03'];
        yield ['May 3, 2023', '2023-05-03'];
        yield ['Wednesday, May 3rd, 2023', '2023-05-03'];
        yield ['Sept. 2021', '2021-09'];
        yield ['2021 June 4', '2021-06-04'];
        yield ['spring 2020', '2020-21'];
        yield ['Autumn 2020', '2020-23'];
        yield ['2020-22', '2020-22'];
        yield ['c. 1890', '1890~'];
        yield ['circa 1890', '1890~'];
        yield ['1961-1968', '1961/1968'];
        yield ['1961–68', '1961/1968'];
        yield ['2019-11/2020-02', '2019-11/2020-02'];
        yield ['25/12/2020', '2020-12-25'];
        yield ['12/25/2020', '2020-12-25'];
        yield ['29 Feb 2024', '2024-02-29'];
        yield ['450 BCE', '-0449'];
        yield ['44 B.C.', '-0043'];
        yield ['ca. 300 BC', '-0299~'];
        yield ['[1890]', '1890'];
        yield ['[ca. 1890]', '1890~'];
        yield ['1914-18', '1914/1918'];
        yield ['March 3-5, 2020', '2020-03-03/2020-03-05'];
        yield ['3–5 March 2020', '2020-03-03/2020-03-05'];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_a_date_keeps_its_words_and_says_why(string $typed, string $sentence): void
    {
        $date = PartialDate::parse($typed);
        self::assertFalse($date->isDate());
        self::assertSame($typed, $date->text);
        self::assertStringContainsString($sentence, (string) $date->problem);
    }

    /** @return iterable<array{string, string}> */
    public static function impossible(): iterable
    {
        yield ['2023-02-30', 'February 2023 has no day 30'];
        yield ['29 February 2023', 'February 2023 has no day 29'];
        yield ['2023-13-01', 'month 13'];
        yield ['03/04/2023', 'day or the month first'];
        yield ['3/4/21', 'two figures'];
        yield ['5 May 21', 'two figures'];
    }

    public function test_words_that_are_no_date_stay_words_without_a_problem(): void
    {
        foreach ([
            'forthcoming', 'in press', 'the year of the flood', '1890s', '19th century', '[197-?]',
            'between 1890 and 1895',
        ] as $words) {
            self::assertSame([$words, null], [PartialDate::parse($words)->text, PartialDate::parse($words)->problem]);
        }
    }

    public function test_no_date_in_any_spelling_is_none(): void
    {
        foreach (['', '  ', 'n.d.', 'N. D.', 'no date'] as $none) {
            self::assertTrue(PartialDate::parse($none)->isNone(), $none);
        }
    }

    public function test_a_date_written_out_reads_as_itself(): void
    {
        foreach (['2023', '2023-05', '2023-05-03', '2020-21'] as $edtf) {
            self::assertSame($edtf, PartialDate::parse(PartialDate::parse($edtf)->words())->edtf());
        }
    }
}
