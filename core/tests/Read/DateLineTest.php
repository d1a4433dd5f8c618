<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\DateLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DateLineTest extends TestCase
{
    #[DataProvider('lines')]
    public function test_the_date_in_a_line(string $line, string $locale, string $edtf): void
    {
        $date = (new DateLine($line))->date($locale);
        self::assertSame($edtf, $date->isDate() ? $date->edtf() : '');
    }

    /** @return iterable<string, array{string, string, string}> line, locale, EDTF or '' where there is no date */
    public static function lines(): iterable
    {
        yield 'as mail writes it' => ['Wed, 21 Sep 2011 20:35:28 GMT', '', '2011-09-21'];
        yield 'as a clock prints it' => ['Fri Mar 13 21:30:09 EST 2015', '', '2015-03-13'];
        yield 'digits alone' => ['20100812', '', '2010-08-12'];
        yield 'digits alone that are no date' => ['20104412', '', ''];
        yield 'with weekday and zone' => ['Friday, June 7, 2013 @ 6:43pm EDT', '', '2013-06-07'];
        yield 'only one order is possible' => ['8/17/13 11:04am', '', '2013-08-17'];
        yield 'a zone where the month stands first' => ['10/9/10 7:15 AM EDT', '', '2010-10-09'];
        yield 'a zone where the day stands first' => ['10/9/10 7:15 BST', '', '2010-09-10'];
        yield 'a country where the month stands first' => ['3/09/15 8:00am', 'en-US', '2015-03-09'];
        yield 'a country where the day stands first' => ['3/09/15 8:00am', 'en-GB', '2015-09-03'];
        yield 'a language where the day stands first' => ['03.09.2015', 'de', '2015-09-03'];
        yield 'nothing tells the order' => ['3/09/15 8:00am', '', ''];
        yield 'English alone does not tell it either' => ['3/09/15', 'en', ''];
        yield 'the same either way' => ['4/4/2012', '', '2012-04-04'];
        yield 'the last century' => ['30/11/97', '', '1997-11-30'];
        yield 'the year first' => ['2015.08.15 10:28', 'hu', '2015-08-15'];
        yield 'a month of the page’s language' => ['15 август 2015 13:28', 'bg-BG', '2015-08-15'];
        yield 'the same month in a date' => ['15 августа 2015', 'ru', '2015-08-15'];
        yield 'the year first, with a month' => ['2015. augusztus 20., 11:16', 'hu', '2015-08-20'];
        yield 'a month of another language' => ['15 август 2015 13:28', 'fr', ''];
        yield 'with small words' => ['3 de mayo de 2020, 10:15', 'es', '2020-05-03'];
        yield 'a telephone number' => ['010-62675595', '', ''];
        yield 'a time alone' => ['11:04am', 'en-US', ''];
        yield 'words' => ['an hour ago', '', ''];
    }
}
