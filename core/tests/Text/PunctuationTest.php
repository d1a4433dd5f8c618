<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Text;

use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use PHPUnit\Framework\TestCase;

final class PunctuationTest extends TestCase
{
    public function test_a_full_stop_is_never_doubled(): void
    {
        foreach (['Oake, Jr.' => 'Oake, Jr.', 'Who?' => 'Who?', 'Stop!' => 'Stop!', 'End' => 'End.', '“End”' => '“End.”', '“Who?”' => '“Who?”', '“A ‘B’”' => '“A ‘B.’”', 'the millers’' => 'the millers’.'] as $text => $closed) {
            self::assertSame($closed, (new RunBuilder)->add($text, 'r')->stop('r')->text());
        }
    }

    public function test_the_stop_goes_inside_quotation_marks_that_follow_an_italic_title(): void
    {
        $line = (new RunBuilder)->add('“On ', 'q')->add('Moonpower', 'i', italic: true)->add('”', 'q')->stop('s');
        self::assertSame('“On Moonpower.”', $line->text());
        self::assertSame([false, true, false], array_map(static fn ($run) => $run->italic, $line->runs()));
    }

    public function test_straight_quotes_become_curly(): void
    {
        self::assertSame('“The Sea Gate” and the miller’s ’90s (‘so’)', Quotes::curly('"The Sea Gate" and the miller\'s \'90s (\'so\')'));
        self::assertSame('A ‘quoted’ word and a miller’s', Quotes::nested('A “quoted” word and a miller’s'));
        self::assertSame('“so he’d said”', Quotes::nested('‘so he’d said’'));
    }

    public function test_page_ranges(): void
    {
        foreach (['215-239' => '215–39', '101-104' => '101–04', '1003-1005' => '1003–05', '98-101' => '98–101', '9-12' => '9–12', '1290-1310' => '1290–310', 'xii-xv' => 'xii–xv', 'pp. 215-239' => '215–39', '12,15-17' => '12, 15–17', 'A1+' => 'A1+', '395-401' => '395–401', '7' => '7'] as $pages => $short) {
            self::assertSame($short, (new PageRange((string) $pages))->shortened());
        }
        foreach (['215-39' => '215–239', '215-239' => '215–239', 'e10-e14' => 'e10–e14'] as $pages => $full) {
            self::assertSame($full, (new PageRange($pages))->full());
        }
        foreach (['215–39' => '215-39', 'xiv—xvi' => 'xiv-xvi', 'A1–A4' => 'A1-A4', '9–12, 15' => '9-12, 15', 'A1+' => 'A1+'] as $printed => $typed) {
            self::assertSame($typed, (new PageRange($printed))->typed());
        }
        self::assertTrue((new PageRange('A1+'))->isSeveral());
        self::assertFalse((new PageRange('p. 9'))->isSeveral());
    }

    public function test_editions_are_worded_as_entries_word_them(): void
    {
        foreach (['2' => '2nd ed.', '3rd' => '3rd ed.', '11' => '11th ed.', '22' => '22nd ed.', 'Third edition' => '3rd ed.', 'second revised edition' => '2nd rev. ed.', 'Revised edition' => 'rev. ed.', 'revised' => 'rev. ed.', '4th ed.' => '4th ed.', 'Miller’s edition' => 'Miller’s ed.'] as $edition => $worded) {
            self::assertSame($worded, Ordinal::edition((string) $edition));
        }
    }
}
