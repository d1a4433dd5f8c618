<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Format;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Page\Markdown;
use Bibrel\Core\Format\Page\PlainText;
use Bibrel\Core\Format\Page\Rtf;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\RichText;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\TestCase;

final class DocumentsTest extends TestCase
{
    public function test_markdown_sets_italics_and_escapes_the_text(): void
    {
        self::assertSame("# Works Cited\n\nBrook, Halima. *Moonpower*. 2014.\n\n\\-\\-\\-. *Stars \\* and \\_Lines\\_*. 2015.\n", (new Markdown)->write(self::page(), new PageSetup));
    }

    public function test_plain_text_for_the_clipboard_is_a_line_an_entry(): void
    {
        self::assertSame("Works Cited\n\nBrook, Halima. Moonpower. 2014.\n---. Stars * and _Lines_. 2015.\n", (new PlainText)->unbroken(self::page()));
    }

    public function test_a_file_of_plain_text_sets_in_all_lines_of_an_entry_but_the_first(): void
    {
        $text = (new PlainText)->write(self::page(str_repeat('Ambrose', 9)), new PageSetup);
        $ambrose = str_repeat('Ambrose', 9);
        self::assertSame(
            str_repeat(' ', 34)."Works Cited\n\n{$ambrose}, Halima.\n     Moonpower. 2014.\n---. Stars * and _Lines_. 2015.\n",
            $text,
        );
    }

    public function test_rtf_has_paragraph_settings_and_no_bare_letter_beyond_ascii(): void
    {
        $rtf = (new Rtf)->write(self::page('Zoë {Brand}ström'), new PageSetup);
        self::assertMatchesRegularExpression('/^[\x09-\x7E]*$/', $rtf);
        self::assertStringContainsString('\li720\fi-720', $rtf);
        self::assertStringContainsString('\sl480\slmult1', $rtf);
        self::assertStringContainsString('Zo\u235? \{Brand\}str\u246?m', $rtf);
        self::assertSame(substr_count((string) preg_replace('/\\\\[{}]/', '', $rtf), '{'), substr_count((string) preg_replace('/\\\\[{}]/', '', $rtf), '}'));
    }

    public function test_rich_text_escapes_what_could_be_markup(): void
    {
        self::assertStringContainsString('&lt;img src=x&gt;', (new RichText(self::page('<img src=x>')))->page());
    }

    private static function page(string $family = 'Brook'): Page
    {
        return Page::compose(array_map((new CslJson)->source(...), [
            ['type' => 'book', 'title' => 'Moonpower', 'author' => [['family' => $family, 'given' => 'Halima']], 'issued' => ['date-parts' => [[2014]]]],
            ['type' => 'book', 'title' => 'Stars * and _lines_', 'author' => [['family' => $family, 'given' => 'Halima']], 'issued' => ['date-parts' => [[2015]]]],
        ]), Styles::get('mla-9'), new CourseRules);
    }
}
