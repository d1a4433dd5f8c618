<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\IssueLine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class IssueLineTest extends TestCase
{
    #[DataProvider('lines')]
    public function test_a_line_that_names_an_issue(string $line, string $periodical, string $volume, string $issue, string $pages, string $date): void
    {
        $read = IssueLine::parse($line);
        self::assertNotNull($read);
        self::assertSame([$periodical, $volume, $issue, $pages, $date], [$read->periodical, $read->volume, $read->issue, $read->pages, $read->date]);
    }

    /** @return iterable<string, array{string, string, string, string, string, string}> line, periodical, volume, issue, pages, date */
    public static function lines(): iterable
    {
        yield 'a database’s, with the season stuck to its year' => ['Folklore Review. Spring2016, Vol. 69 Issue 2, p45-61. 17p.', 'Folklore Review', '69', '2', '45-61', 'Spring 2016'];
        yield 'an archive’s, without the name' => ['Vol. 14, No. 3 (Autumn, 1987), pp. 201-224 (24 pages)', '', '14', '3', '201-224', 'Fall 1987'];
        yield 'a newspaper’s, with the years it ran' => ['The Skerry Gazette (Skerry, NM : 1871 - 1922) Sunday 3 April 1904 - Page 4', 'The Skerry Gazette', '', '', '4', '3 April 1904'];
        yield 'the year between volume and issue' => ['Volume 42, 2019 - Issue 3', '', '42', '3', '', '2019'];
        yield 'a whole date' => ['Volume 88, 1 April 2018, Pages 129–142', '', '88', '', '129-142', '1 April 2018'];
        yield 'volume and issue by numbers alone' => ['Shore Education, 9 (4). pp. 311-327.', 'Shore Education', '9', '4', '311-327', ''];
        yield 'a page of a section' => ['Skerry Mercury, 12 Feb. 1994, p. B3.', 'Skerry Mercury', '', '', 'B3', '12 February 1994'];
        yield 'a volume in Roman numbers' => ['Annals of the Shore, Vol. XIV, No. 3, 1987', 'Annals of the Shore', 'XIV', '3', '', '1987'];
        yield 'in French' => ['Annales de Brume, tome 12, n°3, 1974. pp. 301-322', 'Annales de Brume', '12', '3', '301-322', '1974'];
        yield 'in Spanish, with the number of the series' => ['Cuadernos de la Ría, ISSN 9999-0711, Vol. 21, Nº. 2, 2014, págs. 33-58', 'Cuadernos de la Ría', '21', '2', '33-58', '2014'];
        yield 'in German' => ['Zeitschrift für Küstenkunde, Bd. 31 (1998), Heft 4, S. 201-219', 'Zeitschrift für Küstenkunde', '31', '4', '201-219', '1998'];
        yield 'a double issue' => ['Skiff, Vol. 12, No. 3/4, July 2011, pp. 8-9', 'Skiff', '12', '3/4', '8-9', 'July 2011'];
    }

    #[DataProvider('others')]
    public function test_other_lines_name_none(string $line): void
    {
        self::assertNull(IssueLine::parse($line));
    }

    /** @return iterable<int, array{string}> */
    public static function others(): iterable
    {
        yield ['Page 4'];
        yield ['I have 3 pages of notes from 4 May 2020'];
        yield ['Chapter 3 (2) of it'];
        yield ['Published 12 May 2019'];
        yield ['Turn up the volume at 8'];
        yield [''];
    }
}
