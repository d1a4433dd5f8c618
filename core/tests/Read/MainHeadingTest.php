<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Web\Document;
use Bibrel\Core\Read\Web\MainHeading;
use Bibrel\Core\Read\Web\WebPage;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MainHeadingTest extends TestCase
{
    #[DataProvider('pages')]
    public function test_the_heading_that_is_the_title(string $head, string $body, string $expected): void
    {
        $page = Document::parse("<html><head>{$head}</head><body>{$body}</body></html>", 'https://www.shorenotes.example/x');
        $heading = MainHeading::of($page);
        self::assertSame($expected, $heading === null ? '' : "{$heading->localName}: {$page->text($heading)}");
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function pages(): iterable
    {
        $title = '<title>The lamps of Low Bridge | Shore Notes</title>';
        yield 'the site’s name is no title' => [$title, '<h1>Shore Notes</h1><h2>The lamps of Low Bridge</h2>', 'h2: The lamps of Low Bridge'];
        yield 'a section’s name is no title' => [$title, '<h1>Health Center</h1><h2>The lamps of Low Bridge</h2>', 'h2: The lamps of Low Bridge'];
        yield 'a hidden heading later is no title' => [$title, '<h1>The lamps of Low Bridge</h1><h1>Other news</h1>', 'h1: The lamps of Low Bridge'];
        yield 'a path that leads to the title' => ['<title>Shore Notes » Archive » The lamps of Low Bridge</title>', '<h1>Shore Notes</h1><h2><a rel="bookmark" href="/x">The lamps of Low Bridge</a></h2>', 'h2: The lamps of Low Bridge'];
        yield 'the site before the title' => ['<title>Low Bridge History - Eels</title>', '<h2>Low Bridge History</h2><h1>Eels and the Bridge</h1>', ''];
        yield 'a card in a list says it again' => ['<meta property="og:title" content="The lamps of Low Bridge">', '<ul><li><h3>The lamps of Low Bridge</h3></li></ul><h2>The lamps of Low Bridge</h2>', 'h2: The lamps of Low Bridge'];
        yield 'a box for sharing says it again' => ['<meta property="og:title" content="Lamps that hurt bats">', '<div><h3>Lamps that hurt bats</h3></div><article><h1>A Bright Wrong</h1></article>', ''];
        yield 'nothing is said again' => ['<title>Untitled</title>', '<h1>The lamps of Low Bridge</h1>', ''];
    }

    public function test_what_stands_over_the_text_is_its_title_and_its_data_an_alternative(): void
    {
        $reading = WebPage::read('<meta property="og:title" content="Lamps that hurt bats: what the council did"><div><h3>Lamps that hurt bats: what the council did</h3></div><article><h1 class="hed">A Bright Wrong</h1><p>Text.</p></article>', 'https://a.example/x');
        self::assertSame('A Bright Wrong', $reading->findings['title.main']->text());
        self::assertSame('Lamps that hurt bats: what the council did', $reading->findings['title.main']->alternatives[0]->text());
    }

    public function test_a_teaser_marked_as_a_headline_is_not_the_title(): void
    {
        $teaser = '<div class="story"><h6 class="headline"><a href="/other">The eels are back</a></h6></div>';
        $card = '<ul><li><h3 class="headline">The mill turns</h3></li></ul>';
        $reading = WebPage::read($teaser.$card.'<h1 itemprop="headline" class="articleHeadline">Lamps get a price cut</h1><p>Text.</p>', 'https://a.example/x');
        self::assertSame('Lamps get a price cut', $reading->findings['title.main']->text());
        $reading = WebPage::read($teaser.'<h1>Lamps get a price cut</h1><p>Text.</p>', 'https://a.example/x');
        self::assertSame('Lamps get a price cut', $reading->findings['title.main']->text());
    }

    public function test_a_heading_in_nearly_the_same_words_is_the_title(): void
    {
        $reading = WebPage::read('<meta property="og:title" content="Council drops plan for new lamps on quay"><h1>Council quietly drops its plan for brighter lamps on the quay</h1><p>Text.</p>', 'https://a.example/x');
        self::assertSame('Council quietly drops its plan for brighter lamps on the quay', $reading->findings['title.main']->text());
    }

    public function test_a_heading_that_goes_on_with_a_binding_is_not(): void
    {
        $reading = WebPage::read('<meta property="og:title" content="The Lamps of the Northern Quay"><h1>The Lamps of the Northern Quay Hardcover – 2 May 2019</h1><p>Text.</p>', 'https://a.example/x');
        self::assertSame('The Lamps of the Northern Quay', $reading->findings['title.main']->text());
    }
}
